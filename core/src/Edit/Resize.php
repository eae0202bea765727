<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Form\Openings;
use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Worked;

/**
 * Makes a piece wider or narrower by increase rounds, longer or shorter by even rounds, as makers do, and keeps its form.
 *
 * Lines whose rounds stay are left as they were typed; remarks stay where they are; colours go with their share of the height.
 */
final readonly class Resize implements EditKind
{
    /**
     * @param int $wider  increase rounds more; less where negative. The even part grows along, so that a ball stays a ball.
     * @param int $longer even rounds more; less where negative
     */
    public function __construct(private string $piece, private int $wider, private int $longer)
    {
    }

    public static function words(): array
    {
        return ['resize'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self($fields->text('piece', 40), $fields->whole('wider', -100, 100), $fields->whole('longer', -400, 400));
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $reading = PieceReading::of($plan, $piece);
        if (0 !== $this->wider && $reading->on > 0) {
            throw EditRefused::because('resize.begins');
        }
        $old = self::phasesOf($reading, $piece, 0 === $this->wider);
        $step = $old->step;
        // Narrower, it is as wide as the last of the increase rounds that stay.
        $widest = $this->wider < 0 ? $reading->rounds[$old->grown + $this->wider - 1]->makes ?? 0 : $old->widest + $this->wider * $step;
        $new = new ShapePhases($old->grown + $this->wider, self::even($old->even, $widest / $old->widest) + $this->longer, $widest, $step);
        if ($new->even < 0) {
            throw EditRefused::because('resize.short');
        }
        if (($new->grown < 1 && 0 === $reading->on) || $widest < 3) {
            throw EditRefused::because('resize.narrow');
        }
        if ($widest > Limits::STITCHES_IN_ROUND) {
            throw EditRefused::because('resize.wide', most: Limits::STITCHES_IN_ROUND);
        }
        $typed = $piece->withRounds(self::lines(
            $piece,
            $reading,
            $old,
            $new,
            $step,
            new RoundWriter($plan->terms, Spread::Stacked, self::decreaseOf($reading)),
        ));
        $resized = (new Renumber($this->piece))->apply($plan->withPiece($typed));
        $changed = $resized->piece($this->piece) ?? $typed;
        $after = PieceReading::of($resized, $changed);
        if ([] !== $after->errors()) {
            throw EditRefused::because('resize.unfit', wrong: $after->errors()[0]->message);
        }
        $counts = array_map(static fn (Round $round): int => $round->makes, $after->rounds);
        $deepest = (new Openings($counts, $plan->gaugeOf($piece)->stitchWidthMm()))->deepest();

        return $resized->carried($changed, new ResizedRounds($old, $new, $reading->rounds, $after->rounds, $deepest));
    }

    public function inWords(): string
    {
        return 'Another size';
    }

    /** @param bool $keepsWidth a first even round that turns a corner in back loops stays where it is, and even rounds come and go after it */
    private static function phasesOf(Reading $reading, Piece $piece, bool $keepsWidth): ShapePhases
    {
        if ([] !== $reading->errors()) {
            throw EditRefused::because('edit.fixFirst', wrong: $reading->errors()[0]->message);
        }
        if ([] === $reading->rounds || Worked::Rows === $piece->worked) {
            throw EditRefused::because([] === $reading->rounds ? 'edit.noRounds' : 'resize.rows');
        }
        $phases = ShapePhases::of($reading);
        if ($keepsWidth && $phases->even > 1 && '' !== $reading->rounds[$phases->grown]->loops) {
            $phases = new ShapePhases($phases->grown + 1, $phases->even - 1, $phases->widest, $phases->step);
        }
        foreach (\array_slice($reading->rounds, $phases->grown, $phases->even) as $round) {
            if ('' !== trim($round->codes, Stitch::Single->code()) || '' !== $round->loops || $round->namesYarns()) {
                throw EditRefused::because('resize.notPlain', round: $round->number);
            }
        }

        return $phases;
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

    /** A ball with k rounds that grow has k + 1 even ones: all but one of them are scaled. */
    private static function even(int $even, float $share): int
    {
        return 0 === $even ? 0 : 1 + (int) round(($even - 1) * $share);
    }

    /**
     * The typed lines that stay, with new ones where rounds are put in. The even rounds are written anew, and those of a line that stays
     * only in part, or whose first round is no longer worked on as many stitches.
     *
     * @param int $step stitches that an increase round adds
     *
     * @return list<string>
     */
    private static function lines(Piece $piece, Reading $reading, ShapePhases $old, ShapePhases $new, int $step, RoundWriter $writer): array
    {
        $wider = $new->widest > $old->widest ? range($old->widest + $step, $new->widest, $step) : [];
        $shrinking = \array_slice($reading->rounds, $old->grown + $old->even);
        $narrower = [] !== $wider && [] !== $shrinking ? range($new->widest - $step, $old->widest, $step) : [];
        // Only those that lead away from the widest go: a piece may widen again after a neck.
        $dropped = 0;
        while (($shrinking[$dropped]->makes ?? 0) >= $new->widest) {
            ++$dropped;
        }
        $first = $old->grown + $old->even + $dropped + 1;
        $made = [] === $narrower ? $new->widest : $old->widest;
        $anew = self::anew($reading, $first, $made);
        $put = [
            ...$writer->between($old->widest, $wider),
            ...$writer->between($new->widest, 0 === $new->even ? [] : array_fill(0, $new->even, $new->widest)),
            ...$writer->between($new->widest, $narrower),
            ...$writer->between($made, $anew),
        ];
        $lines = [];
        foreach ($piece->rounds as $i => $line) {
            $span = $reading->spans[$i];
            if (null !== $span && $span->from > $old->grown) {
                $lines = [...$lines, ...$put];
                $put = [];
            }
            if (null === $span || $span->to <= min($old->grown, $new->grown) || $span->from >= $first + \count($anew)) {
                $lines[] = $line;
            }
        }

        return [...$lines, ...$put];
    }

    /**
     * Stitches of the rounds that stay but are written anew.
     *
     * @param int $first the first of those that stay
     * @param int $made  stitches that it is to be worked on
     *
     * @return list<int>
     */
    private static function anew(Reading $reading, int $first, int $made): array
    {
        foreach ($reading->spans as $span) {
            if (null !== $span && $span->from <= $first && $first <= $span->to) {
                $isWhole = $span->from === $first && $reading->rounds[$first - 1]->below === $made;

                return $isWhole
                    ? []
                    : array_map(static fn (Round $round): int => $round->makes, \array_slice($reading->rounds, $first - 1, $span->to - $first + 1));
            }
        }

        return [];
    }
}
