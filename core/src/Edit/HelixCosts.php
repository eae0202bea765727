<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Plan\ChangeChoice;
use Alternum\Core\Plan\EndsChoice;
use Alternum\Core\Plan\Layer\Helix;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Layer\Stripe;
use Alternum\Core\Plan\Layer\Stripes;
use Alternum\Core\Plan\OldYarnChoice;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;

/** Several yarns in one spiral, against the same yarns as stripes of one round: carried inside, and cut at every change. */
final readonly class HelixCosts
{
    /**
     * @param int|null $straight the last round, up to the one said, at which it can end so that the yarn of the rounds after it is the one worked last and goes
     *                           straight on; null: it does so already, or nowhere near
     */
    private function __construct(public ChangeFigures $helix, public ChangeFigures $carried, public ChangeFigures $cut, public ?int $straight)
    {
    }

    /** @param Helix $helix as it lies on the piece, or would */
    public static function of(Plan $plan, Piece $piece, Helix $helix): self
    {
        // Where it lies already, it is held against the piece without it.
        $isSame = static fn (LayerEntry $entry): bool => $entry->layer instanceof Helix
            && $entry->layer->from === $helix->from && $entry->layer->yarns === $helix->yarns;
        $piece = $piece->withColours(array_values(array_filter($piece->colours, static fn (LayerEntry $entry): bool => !$isSame($entry))));
        $sequence = array_map(static fn (string $yarn): Stripe => new Stripe($yarn, 1), $helix->yarns);
        $stripes = [] === $sequence ? null : new Stripes($helix->from, $helix->to, $sequence);
        $with = static fn (Helix|Stripes|null $layer): Piece => null === $layer ? $piece : $piece->withColours([...$piece->colours, new LayerEntry($layer)]);
        $treated = static fn (OldYarnChoice $choice): Piece => $with($stripes)->withChanges(
            new ChangeChoice($piece->changes->method, line: $piece->changes->line, ends: new EndsChoice($choice)),
        );

        $now = Analysis::of($plan);

        return new self(
            self::cost($now, $with($helix)),
            self::cost($now, $treated(OldYarnChoice::Carry)),
            self::cost($now, $treated(OldYarnChoice::Cut)),
            self::straight($now, $helix, $with),
        );
    }

    /** @return array<string, array{ends: int, mm: float, jogs: int}|int|null> contract/openapi.yaml, helixCosts */
    public function values(): array
    {
        return array_map(
            static fn (ChangeFigures $cost): array => ['ends' => $cost->ends, 'mm' => round($cost->mm, 2), 'jogs' => $cost->jogs],
            ['helix' => $this->helix, 'carried' => $this->carried, 'cut' => $this->cut],
        ) + ['straight' => $this->straight];
    }

    /** @param \Closure(Helix): Piece $with the piece with it */
    private static function straight(Analysis $now, Helix $helix, \Closure $with): ?int
    {
        for ($to = $helix->to; $to > max($helix->from, $helix->to - \count($helix->yarns)); --$to) {
            $piece = $with(new Helix($helix->from, $to, $helix->yarns));
            $rounds = $now->recoloured($now->plan->withPiece($piece), $piece->key)->pieces[self::at($now, $piece)]->stages->colouring->rounds;
            if (!isset($rounds[$to]) || $rounds[$to - 1][-1] === $rounds[$to][0]) {
                return $to < $helix->to ? $to : null;
            }
        }

        return null;
    }

    private static function at(Analysis $now, Piece $piece): int
    {
        return (int) array_search($piece->key, array_column($now->plan->pieces, 'key'), true);
    }

    private static function cost(Analysis $now, Piece $piece): ChangeFigures
    {
        return ChangeFigures::of($now->recoloured($now->plan->withPiece($piece), $piece->key), self::at($now, $piece));
    }
}
