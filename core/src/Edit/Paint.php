<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Laid;
use Alternum\Core\Plan\Layer;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\StitchRun;
use Alternum\Core\Plan\Stripe;
use Alternum\Core\Plan\Stripes;

/** Gives rounds a stripe sequence, or one yarn. What it covers wholly is taken out, so that layers do not pile up. */
final readonly class Paint implements Edit
{
    /**
     * @param list<array{int, int}>  $ranges   first and last round of each stretch
     * @param non-empty-list<Stripe> $sequence repeated over each stretch
     * @param list<float>            $heights  of its stripes in mm, in place of their rounds; none: by rounds
     */
    private function __construct(private string $piece, private array $ranges, private array $sequence, private bool $isMirrored = false, private int $growth = 0, private array $heights = [])
    {
    }

    /** @param non-empty-list<int> $rounds in any order */
    public static function rounds(string $piece, array $rounds, string $yarn): self
    {
        $rounds = array_values(array_unique($rounds));
        sort($rounds);
        $ranges = [];
        $from = $to = $rounds[0];
        foreach (\array_slice($rounds, 1) as $round) {
            if ($round > $to + 1) {
                $ranges[] = [$from, $to];
                $from = $round;
            }
            $to = $round;
        }
        $ranges[] = [$from, $to];

        return new self($piece, $ranges, [new Stripe($yarn, 1)]);
    }

    /**
     * @param non-empty-list<Stripe> $sequence
     * @param bool                   $isMirrored forth and back
     * @param int                    $growth     rounds that every stripe is higher each time it comes again
     * @param list<float>            $heights    of the stripes in mm, in place of their rounds; none: by rounds
     */
    public static function stripes(string $piece, int $from, int $to, array $sequence, bool $isMirrored = false, int $growth = 0, array $heights = []): self
    {
        return new self($piece, [[min($from, $to), max($from, $to)]], $sequence, $isMirrored, $growth, $heights);
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $colours = $piece->colours;
        $high = array_map(static fn (float $mm): int => max(1, (int) round($mm / $plan->gauge->roundHeightMm())), $this->heights);
        $stripes = array_map(static fn (Stripe $stripe, int $i): Stripe => new Stripe($stripe->yarn, $high[$i] ?? $stripe->rounds), $this->sequence, array_keys($this->sequence));
        foreach ($this->ranges as [$from, $to]) {
            $sequence = Sequence::of($stripes, $to - $from + 1, $this->isMirrored, $this->growth);
            $colours = array_values(array_filter($colours, static fn (Laid $laid): bool => !self::isCovered($laid->layer, $from, $to)));
            $colours[] = new Laid(new Stripes($from, $to, 1 === \count($sequence) ? [new Stripe($sequence[0]->yarn, $to - $from + 1)] : $sequence));
        }

        return $plan->withPiece(self::joined($piece, $colours));
    }

    private static function isCovered(Layer $layer, int $from, int $to): bool
    {
        return ($layer instanceof Stripes && $layer->from >= $from && $layer->to <= $to)
            || ($layer instanceof StitchRun && $layer->round >= $from && $layer->round <= $to);
    }

    /**
     * Two neighbouring bands of one yarn, laid one after the other, are one band.
     *
     * @param list<Laid> $colours
     */
    private static function joined(Piece $piece, array $colours): Piece
    {
        $joined = [];
        foreach ($colours as $laid) {
            $layer = $laid->layer;
            $last = [] === $joined ? null : $joined[\count($joined) - 1]->layer;
            if ('' === $laid->name && !$laid->isHidden && $last instanceof Stripes && $layer instanceof Stripes && 1 === \count($last->sequence) && 1 === \count($layer->sequence)
                && $last->sequence[0]->yarn === $layer->sequence[0]->yarn && $last->from <= $layer->to + 1 && $layer->from <= $last->to + 1) {
                $from = min($last->from, $layer->from);
                $to = max($last->to, $layer->to);
                $below = array_pop($joined);
                $joined[] = $below->with(new Stripes($from, $to, [new Stripe($layer->sequence[0]->yarn, $to - $from + 1)]));
            } else {
                $joined[] = $laid;
            }
        }

        return $piece->withColours($joined);
    }
}
