<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Worked;

/**
 * Makes a piece wider or narrower by increase rounds, longer or shorter by even rounds, as makers do, and keeps its form.
 *
 * Lines whose rounds stay are left as they were typed; remarks stay where they are; colours go with their share of the height.
 */
final readonly class Resize implements Edit
{
    /**
     * @param int $wider  increase rounds more; less where negative. The even part grows along, so that a ball stays a ball.
     * @param int $longer even rounds more; less where negative
     */
    public function __construct(private string $piece, private int $wider, private int $longer)
    {
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        if (null !== $piece->start) {
            throw new EditRefused('A piece that begins on others is as wide as they are: resize those.');
        }
        $reading = Reader::read($piece->rounds, $plan->terms, $piece->worked);
        $parts = self::partsOf($reading, $piece);
        $step = $parts->grown > 1 ? $parts->widest - $reading->rounds[$parts->grown - 2]->makes : $parts->widest;
        $widest = $parts->widest + $this->wider * $step;
        $grown = $parts->grown + $this->wider;
        $even = (int) round($parts->even * $widest / $parts->widest) + $this->longer;
        if ($grown < 1 || $even < 0 || $widest < 3 || $widest > Limits::STITCHES_IN_ROUND) {
            throw new EditRefused('The piece cannot be made that small or that large: '.($even < 0 ? 'it has no even rounds left to take out.' : 'it has no increase rounds left to take out.'));
        }
        $closing = self::closing($reading, $parts, $widest, $step);
        $writer = new RoundWriter($plan->terms, Spread::Stacked, self::decreaseOf($reading));
        $counts = [];
        for ($stitches = $parts->widest + $step; $stitches <= $widest; $stitches += $step) {
            $counts[] = $stitches;
        }
        $lines = self::assemble($piece, $reading, $parts, $grown, $writer->between(min($parts->widest, $widest), $counts), 0 === $even ? [] : $writer->between($widest, array_fill(0, $even, $widest)), $closing['new'] > 0 ? $writer->between($widest, $closing['counts']) : [], $closing['dropped']);
        $resized = (new Renumber($this->piece))->apply($plan->withPiece($piece->withRounds($lines)));
        $after = Reader::read($resized->pieces[self::placeOf($resized, $this->piece)]->rounds, $plan->terms, $piece->worked);
        if ([] !== $after->problems) {
            throw new EditRefused('The piece does not fit together in that size: '.$after->problems[0]->message);
        }
        $heights = new Heights([[1, $parts->grown], [$parts->grown + 1, $parts->grown + $parts->even]], [[1, $grown], [$grown + 1, $grown + $even]], $reading->rounds, $after->rounds);
        $changed = $resized->pieces[self::placeOf($resized, $this->piece)];

        return $resized->withPiece($changed->withColours($heights->carry($piece->colours))->withChanges($heights->carryChoices($piece->changes)));
    }

    private static function placeOf(Plan $plan, string $key): int
    {
        foreach ($plan->pieces as $i => $piece) {
            if ($piece->key === $key) {
                return $i;
            }
        }

        throw EditRefused::noPiece($key);
    }

    private static function partsOf(Reading $reading, Piece $piece): Parts
    {
        if ([] !== $reading->problems) {
            throw new EditRefused('Mend the rounds first: '.$reading->problems[0]->message);
        }
        if ([] === $reading->rounds || Worked::Rows === $piece->worked) {
            throw new EditRefused([] === $reading->rounds ? 'The piece has no rounds yet.' : 'A piece worked in rows is not resized this way.');
        }
        $parts = Parts::of($reading->rounds);
        foreach (\array_slice($reading->rounds, $parts->grown, $parts->even) as $round) {
            if ('' !== trim($round->codes, Stitch::Single->code()) || '' !== $round->loops) {
                throw new EditRefused("Round {$round->number} is not plain single crochet, so it is not clear which rounds may be added or taken out.");
            }
        }

        return $parts;
    }

    /**
     * The rounds that shrink: new ones before those that stay, or how many of them fall away.
     *
     * @return array{new: int, counts: list<int>, dropped: int}
     */
    private static function closing(Reading $reading, Parts $parts, int $widest, int $step): array
    {
        $shrinking = \array_slice($reading->rounds, $parts->grown + $parts->even);
        if ([] === $shrinking) {
            return ['new' => 0, 'counts' => [], 'dropped' => 0];
        }
        $counts = [];
        for ($stitches = $widest - $step; $stitches >= $parts->widest; $stitches -= $step) {
            $counts[] = $stitches;
        }
        $dropped = \count(array_filter($shrinking, static fn (Round $round): bool => $round->makes >= $widest));

        return ['new' => \count($counts), 'counts' => $counts, 'dropped' => $dropped];
    }

    private static function decreaseOf(Reading $reading): Stitch
    {
        foreach ($reading->rounds as $round) {
            if (str_contains($round->codes, Stitch::Decrease->code())) {
                return Stitch::Decrease;
            }
        }

        return Stitch::InvisibleDecrease;
    }

    /**
     * @param list<string> $growing   lines put in after those that grow
     * @param list<string> $even      lines in place of the even ones
     * @param list<string> $shrinking lines put in before those that shrink
     * @param int          $dropped   shrinking rounds that fall away
     *
     * @return list<string>
     */
    private static function assemble(Piece $piece, Reading $reading, Parts $parts, int $grown, array $growing, array $even, array $shrinking, int $dropped): array
    {
        $lines = [];
        $put = [...$growing, ...$even, ...$shrinking];
        $evenTo = $parts->grown + $parts->even;
        foreach ($piece->rounds as $i => $line) {
            $span = $reading->spans[$i];
            if (null === $span) {
                $lines[] = $line;
                continue;
            }
            $isKept = $span[1] <= min($grown, $parts->grown) || $span[0] > $evenTo + $dropped;
            if ($span[0] > $parts->grown && [] !== $put) {
                $lines = [...$lines, ...$put];
                $put = [];
            }
            if ($isKept) {
                $lines[] = $line;
            }
        }

        return [...$lines, ...$put];
    }
}
