<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\PieceReading;
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
        $reading = PieceReading::of($plan, $piece);
        if (0 !== $this->wider && $reading->on > 0) {
            throw new EditRefused('A piece that begins on others is as wide as they are: make those wider or narrower.');
        }
        $old = self::partsOf($reading, $piece);
        $step = $old->step;
        $widest = $old->widest + $this->wider * $step;
        $new = new Parts($old->grown + $this->wider, (int) round($old->even * $widest / $old->widest) + $this->longer, $widest, $step);
        if ($new->even < 0) {
            throw new EditRefused('The piece cannot be made that short: it has no even rounds left to take out.');
        }
        if (($new->grown < 1 && 0 === $reading->on) || $widest < 3) {
            throw new EditRefused('The piece cannot be made that narrow: it has no increase rounds left to take out.');
        }
        if ($widest > Limits::STITCHES_IN_ROUND) {
            throw new EditRefused('The piece cannot be made that wide: a round can have '.number_format(Limits::STITCHES_IN_ROUND).' stitches at the most.');
        }
        $typed = $piece->withRounds(self::lines($piece, $reading, $old, $new, $step, new RoundWriter($plan->terms, Spread::Stacked, self::decreaseOf($reading))));
        $resized = (new Renumber($this->piece))->apply($plan->withPiece($typed));
        $changed = $resized->piece($this->piece) ?? $typed;
        $after = PieceReading::of($resized, $changed);
        if ([] !== $after->errors()) {
            throw new EditRefused('The piece does not fit together in that size: '.$after->errors()[0]->message);
        }
        $heights = new Heights($old, $new, $reading->rounds, $after->rounds);

        return $resized->withPiece($changed->withColours($heights->colours($piece->colours))->withChanges($heights->carryChoices($piece->changes))->withPlacements($heights->placements($piece->placements))->withFace($heights->face($piece->face)));
    }

    private static function partsOf(Reading $reading, Piece $piece): Parts
    {
        if ([] !== $reading->errors()) {
            throw new EditRefused('Mend the rounds first: '.$reading->errors()[0]->message);
        }
        if ([] === $reading->rounds || Worked::Rows === $piece->worked) {
            throw new EditRefused([] === $reading->rounds ? 'The piece has no rounds yet.' : 'A piece worked in rows is not resized this way.');
        }
        $parts = Parts::of($reading);
        foreach (\array_slice($reading->rounds, $parts->grown, $parts->even) as $round) {
            if ('' !== trim($round->codes, Stitch::Single->code()) || '' !== $round->loops || $round->namesYarns()) {
                throw new EditRefused("Round {$round->number} is not plain single crochet in one yarn, so it is not clear which rounds may be added or taken out.");
            }
        }

        return $parts;
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
     * The typed lines that stay, with new ones where rounds are put in; the even rounds are written anew.
     *
     * @param int $step stitches that an increase round adds
     *
     * @return list<string>
     */
    private static function lines(Piece $piece, Reading $reading, Parts $old, Parts $new, int $step, RoundWriter $writer): array
    {
        $wider = $new->widest > $old->widest ? range($old->widest + $step, $new->widest, $step) : [];
        $shrinking = \array_slice($reading->rounds, $old->grown + $old->even);
        $narrower = [] !== $wider && [] !== $shrinking ? range($new->widest - $step, $old->widest, $step) : [];
        $dropped = \count(array_filter($shrinking, static fn (Round $round): bool => $round->makes >= $new->widest));
        $put = [
            ...$writer->between($old->widest, $wider),
            ...$writer->between($new->widest, 0 === $new->even ? [] : array_fill(0, $new->even, $new->widest)),
            ...$writer->between($new->widest, $narrower),
        ];
        $lines = [];
        foreach ($piece->rounds as $i => $line) {
            $span = $reading->spans[$i];
            if (null !== $span && $span[0] > $old->grown) {
                $lines = [...$lines, ...$put];
                $put = [];
            }
            if (null === $span || $span[1] <= min($old->grown, $new->grown) || $span[0] > $old->grown + $old->even + $dropped) {
                $lines[] = $line;
            }
        }

        return [...$lines, ...$put];
    }
}
