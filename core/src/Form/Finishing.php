<?php

declare(strict_types=1);

namespace Alternum\Core\Form;

use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Plan\Finish\Drawn;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Plan\Finish\PieceEnd;
use Alternum\Core\Plan\Finish\RingDrawn;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Tail;
use Alternum\Core\Plan\Worked;

/** How a piece begins and ends: as it was chosen, else as the typed words say it, else as it is usual for it. All of that is common practice, no source. */
final readonly class Finishing
{
    private const CLOSING_TAIL_CM = 12.0;

    /**
     * @param RingDrawn|null              $ring       null: it has no magic ring
     * @param PieceEnd|null               $end        null: another piece is worked on from it
     * @param float                       $tailCm     what is left at its end, with what it is drawn in with; 0 where it is not cut
     * @param int                         $turned     it is turned right side out after this round; 0: it is not turned
     * @param int|null                    $goes       in how many goes it is stuffed; null: as its height needs
     * @param float                       $threadCm   what drawing it in takes of that tail
     * @param bool                        $sews       its tail sews it on, or may
     * @param float                       $seamCm     what its longest seam takes of that tail, with what a hand needs; 0: not known
     * @param bool                        $fastened   the maker’s own words say to cut the yarn at its end
     * @param bool                        $weaves     they say to weave in all ends there
     * @param array<string, FinishReason> $reasons    by the FinishPart's value
     * @param list<int>                   $stuffed    rounds after which the maker’s own words say to stuff
     * @param list<SidePart>              $sides      pieces that begin in its side
     * @param bool                        $levelled   a slip stitch levels the step at its end, before it is sewn on all around
     * @param bool                        $stuffsThen it is stuffed while it is sewn on
     */
    private function __construct(
        public ?RingDrawn $ring,
        public Tail $start,
        public ?PieceEnd $end,
        public float $tailCm,
        public int $turned,
        public Firmness $firmness,
        public ?int $goes,
        public string $clear,
        public Drawn $drawn,
        public float $threadCm,
        public bool $sews,
        public bool $fastened,
        public bool $weaves,
        public array $reasons,
        public array $stuffed,
        public array $sides,
        public float $seamCm = 0.0,
        public bool $levelled = false,
        public bool $stuffsThen = false,
    ) {
    }

    public static function of(Plan $plan, Piece $piece, Reading $reading, Filled $filled, PieceForm $form): self
    {
        [$typed, $chosen, $finish, $end, $why] = [$filled->typed, $piece->finish, $filled->finish, $filled->end, $filled->endWhy];
        $counts = array_map(static fn (Round $round): int => $round->makes, $reading->rounds);
        $goesOn = FinishReason::GoesOn === $why;
        // Rows have nothing to turn out.
        $isRows = Worked::Rows === $piece->worked;
        $isFull = FinishReason::TooNarrow === $filled->why;
        $firmness = $filled->firmness;
        // An open end holds no thread, unless the maker’s own words say so.
        $drawn = (true === $end?->closes() ? $finish->drawn : $typed->finish->drawn) ?? new Drawn();
        $threadCm = ceil(self::thread($form, $drawn) / 10.0);
        $sews = FinishReason::StandsOff !== $why && self::sews($plan, $piece, $end, $chosen->end, $finish->tailCm);
        $end = $sews && PieceEnd::Open === $end ? PieceEnd::Sewn : $end;
        $reason = static fn (mixed $chosen, mixed $typed, FinishReason $else): FinishReason => match (true) {
            null !== $chosen => FinishReason::Chosen,
            null !== $typed => FinishReason::Typed,
            default => $else,
        };

        return new self(
            ring: null === $piece->start && $reading->isRing ? $finish->ring ?? RingDrawn::AtOnce : null,
            start: $finish->start ?? Tail::Weave,
            end: $end,
            tailCm: $goesOn ? 0.0 : $finish->tailCm ?? self::tail($plan, $end, $sews) + $threadCm,
            turned: $isRows ? 0 : min(\count($counts), $finish->turned ?? 0),
            firmness: $firmness,
            goes: $finish->stuffing->goes,
            clear: $finish->stuffing->clear,
            drawn: $drawn,
            threadCm: $threadCm,
            sews: $sews,
            fastened: $typed->fastened,
            weaves: $typed->weaves,
            reasons: [
                FinishPart::Ring->value => $reason($chosen->ring, $typed->finish->ring, FinishReason::Usual),
                FinishPart::Start->value => $reason($chosen->start, $typed->finish->start, FinishReason::Usual),
                FinishPart::End->value => $goesOn || FinishReason::Typed === $why
                    ? $why
                    : $reason($filled->isUnfit ? null : $chosen->end, $typed->finish->end, $why),
                FinishPart::Tail->value => $reason($chosen->tailCm, $typed->finish->tailCm, $why),
                FinishPart::Turned->value => $reason($chosen->turned, $typed->finish->turned, FinishReason::Usual),
                FinishPart::Stuffing->value => $isFull ? $filled->why : $reason(
                    // What is only kept clear, or how often, says nothing of a piece that is not stuffed.
                    [] === $chosen->stuffing->values() || (Firmness::None === $firmness && null === $chosen->stuffing->firmness) ? null : true,
                    [] === $typed->stuffed ? null : true,
                    $filled->why,
                ),
                FinishPart::Drawn->value => $reason($chosen->drawn, $typed->finish->drawn, FinishReason::Usual),
            ],
            stuffed: $typed->stuffed,
            sides: SidePart::of($plan, $piece),
        );
    }

    /**
     * The same as a part of a toy: its tail holds it, as long as that takes unless it was said how long; or something else holds it.
     *
     * @param bool  $sews       its tail holds it
     * @param float $seamCm     what that takes, with what a hand needs
     * @param bool  $levelled   the step at its end is levelled first
     * @param bool  $stuffsThen it is stuffed while it is sewn on
     */
    public function asPart(bool $sews, float $seamCm, bool $levelled, bool $stuffsThen, Plan $plan): self
    {
        $isSaid = \in_array($this->reasons[FinishPart::Tail->value], [FinishReason::Chosen, FinishReason::Typed], true);
        $end = match (true) {
            $sews && PieceEnd::Open === $this->end => PieceEnd::Sewn,
            !$sews && PieceEnd::Sewn === $this->end => PieceEnd::Open,
            default => $this->end,
        };

        return new self(
            ring: $this->ring, start: $this->start, end: $end,
            tailCm: match (true) {
                null === $end, $isSaid => $this->tailCm,
                $sews => ceil($seamCm) + $this->threadCm,
                default => self::tail($plan, $end, false) + $this->threadCm,
            },
            turned: $this->turned, firmness: $this->firmness, goes: $this->goes, clear: $this->clear, drawn: $this->drawn, threadCm: $this->threadCm,
            sews: $sews, fastened: $this->fastened, weaves: $this->weaves, reasons: $this->reasons, stuffed: $this->stuffed, sides: $this->sides,
            seamCm: $sews ? ceil($seamCm) : 0.0, levelled: $levelled, stuffsThen: $stuffsThen,
        );
    }

    /** Whether the maker’s own words say it, so that it is not said once more. */
    public function isTyped(FinishPart $part): bool
    {
        return FinishReason::Typed === $this->reasons[$part->value];
    }

    /** Whether its inside can be seen and reached when the piece is done: it is neither closed nor sewn on, and nothing is worked on from it. */
    public function isLeftOpen(): bool
    {
        return null !== $this->end && PieceEnd::Sewn !== $this->end && !$this->end->closes();
    }

    /** Whether the tail is too short to draw the piece in. */
    public function isTooShort(): bool
    {
        return $this->tailCm < $this->threadCm;
    }

    /**
     * The thread that draws a stuffed piece in: for each segment once through the middle and once over the outside, from pole to pole;
     * for a flat base up through the middle and back.
     *
     * @return float mm
     */
    public static function thread(PieceForm $form, Drawn $drawn): float
    {
        if ($drawn->isNothing()) {
            return 0.0;
        }
        $around = 0.0;
        foreach ($form->outline as $i => $edge) {
            $below = $form->outline[$i - 1] ?? null;
            $around += null === $below ? $edge->radius : hypot($edge->radius - $below->radius, $edge->level - $below->level);
        }

        return $drawn->segments * ($form->height + $around) + ($drawn->base ? 2.0 * $form->height : 0.0);
    }

    /** Whether the tail sews the piece on, or may. */
    private static function sews(Plan $plan, Piece $piece, ?PieceEnd $end, ?PieceEnd $chosen, ?float $tailCm): bool
    {
        if (PieceEnd::Sewn === $end || 1 === \count($plan->pieces) || ($tailCm ?? $plan->yarnUse->sewingTailCm) < $plan->yarnUse->sewingTailCm) {
            return PieceEnd::Sewn === $end;
        }

        $join = $piece->start?->join;
        $isJoined = Join::Side === $join || (null !== $join && Worked::Rows === $piece->worked);
        if ($isJoined || Join::Edge === $join || true === $join?->isThroughBoth() || true === $join?->standsOff()) {
            return false;
        }

        // Words that leave a part open mostly mean that it is sewn on over the opening.
        return true === $end?->closes() || (PieceEnd::Open === $end && PieceEnd::Open !== $chosen);
    }

    /** The tail that is usual for such an end, in cm: long enough to sew with where the plan has something to sew. */
    private static function tail(Plan $plan, ?PieceEnd $end, bool $sews): float
    {
        return match (true) {
            $sews => $plan->yarnUse->sewingTailCm,
            true === $end?->closes() => max(self::CLOSING_TAIL_CM, $plan->yarnUse->tailCm),
            default => $plan->yarnUse->tailCm,
        };
    }
}
