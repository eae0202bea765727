<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Making\Slip\Cause;
use Alternum\Core\Making\Slip\Look;
use Alternum\Core\Making\Slip\LookResult;
use Alternum\Core\Making\Slip\Mend;
use Alternum\Core\Making\Slip\Slip;
use Alternum\Core\Notation\Printer;
use Alternum\Core\Plan\Finish\PieceEnd;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Units;
use Alternum\Core\Plan\Worked;

/** What went wrong in a round, how one sees it, and how one goes on. */
final readonly class SlipWords
{
    private string $once;
    private Printer $printer;

    /** @param float $stitchMm how wide one of its stitches is */
    public function __construct(private Worked $worked, private ?PieceEnd $end, Terms $terms, private Units $units, private float $stitchMm)
    {
        $this->once = $worked->once();
        $this->printer = new Printer($terms, $worked);
    }

    public function cause(Cause $cause): string
    {
        $edge = Worked::Rows === $this->worked ? 'edge' : 'marker';

        return match ($cause) {
            Cause::MissedIncrease => 'An increase was missed: one stitch went where two belong.',
            Cause::MissedDecrease => 'A decrease was missed: two stitches were worked one by one.',
            Cause::SkippedStitch => "A stitch of the {$this->once} below was skipped.",
            Cause::SkippedIncrease => "The stitch of the {$this->once} below into which an increase goes was skipped.",
            Cause::SkippedDecrease => 'A whole decrease was skipped.',
            Cause::StoppedShort => "The {$this->once} stopped one stitch before the {$edge}.",
            Cause::PastTheMarker => 'One was worked beyond the marker: it belongs to the next round.',
            Cause::IntoSlipStitch => Worked::Rows === $this->worked
                ? 'One was worked into the turning chain.'
                : 'One was worked into the slip stitch, which is no stitch of the round.',
            Cause::MissedChain => 'A chain was left out.',
            Cause::TwiceInOne => 'Two were worked into one stitch where one belongs.',
            Cause::TwoTogether => 'Two stitches were worked together where each has one of its own.',
        };
    }

    public function look(Look $look): string
    {
        return match ($look) {
            Look::Below => "Go along the {$this->once} below with the tip of the hook: does each of its stitches have one worked into it?",
            Look::Marker => Worked::Rows === $this->worked
                ? 'Look at the edge: what is the last stitch worked into?'
                : 'Look at the marker: what is the last stitch worked into?',
            Look::Increases => 'Count the places where two come out of one stitch. Are they as many as the plan has?',
            Look::Decreases => 'Count the places where two stitches go into one. Are they as many as the plan has?',
            Look::Chains => 'Count the chains. Are they as many as the plan has?',
        };
    }

    public function result(Look $look, LookResult $result): string
    {
        return match ($result) {
            LookResult::AllThere => match ($look) {
                Look::Below => 'Each has one',
                Look::Marker => 'The last stitch before it',
                default => 'As many',
            },
            LookResult::OneEmpty => 'One is empty',
            LookResult::TwoEmpty => 'Two side by side are empty',
            LookResult::LastEmpty => Worked::Rows === $this->worked ? 'The last one is empty' : 'The last one before the marker is empty',
            LookResult::Beyond => 'A stitch beyond it',
            LookResult::OnSlip => Worked::Rows === $this->worked ? 'The turning chain' : 'The slip stitch',
            LookResult::Fewer => 'Fewer',
            LookResult::More => 'More',
        };
    }

    /**
     * How one goes on without pulling anything out; null where that is not possible.
     *
     * @param int $round that has other stitches
     * @param int $makes that it is to have
     * @param int $by    so many more; below 0: fewer
     * @param int $again stitches of the round in which the count is right again
     */
    public function goOn(Slip $slip, int $round, int $makes, int $by, int $again): ?string
    {
        $mending = $slip->mending;

        return match (true) {
            null === $mending => null,
            $mending->right === $round => $by < 0
                ? 'Work what is missing into the ring before you draw it closed.'
                : 'Pull out as many as are too many: in the ring nothing else hangs on them.',
            null === $mending->right => $this->atEnd($makes + $by, $makes, $by),
            default => "{$this->upper()} {$mending->right}: ".implode('; ', array_map($this->mend(...), $mending->mends))
                .". Then it has {$again}, as planned.",
        };
    }

    /**
     * What stays of a mistake that is gone on with; null where nothing does. It names no round, as many of them share it.
     *
     * @param int  $round  that has other stitches
     * @param int  $by     so many more; below 0: fewer
     * @param bool $isMany it is in several yarns
     * @param bool $places something is placed on the rounds that have another count
     */
    public function stays(Slip $slip, int $round, int $by, bool $isMany, bool $places): ?string
    {
        if (null === $slip->mending || $slip->mending->right === $round) {
            return null;
        }

        return "The {$this->once} with the mistake stays ".(1 === abs($by) ? 'one stitch' : abs($by).' stitches').($by < 0 ? ' narrower, ' : ' wider, ')
            ."{$this->across(abs($by))}."
            .($isMany ? ' Its colours lie off by as much from the mistake on.' : '')
            .($places ? ' What is placed there is counted from the front, to both sides, not from the marker.' : '');
    }

    /** "1.4 mm across": what a round is so many stitches less or more. */
    private function across(int $stitches): string
    {
        $mm = $stitches * $this->stitchMm / (Worked::Rows === $this->worked ? 1.0 : \M_PI);

        return (Units::Metric === $this->units ? round($mm, 1).' mm' : round($mm / Units::INCH_IN_MM, 2).' in').' across';
    }

    private function mend(Mend $mend): string
    {
        $plan = $this->printer->codes(str_repeat($mend->plan->code(), $mend->times));
        $with = $this->printer->codes(str_repeat($mend->with->code(), $mend->as));
        if (2 === $mend->times && $mend->with->makes() > 2) {
            return "at stitch {$mend->top} work {$mend->with->makes()} into one stitch in place of two stitches";
        }
        $why = match (true) {
            $mend->plan->isIncrease() => ', so one repeat has no increase',
            $mend->plan->isDecrease() && 1 === $mend->with->uses() => ', so one repeat has no decrease',
            default => '',
        };

        return "at stitch {$mend->top} work {$with} in place of {$plan}{$why}";
    }

    private function atEnd(int $has, int $planned, int $by): string
    {
        return match (true) {
            null === $this->end => $by < 0
                ? 'Go on as planned. What is worked on from here takes one increase more in its first round, at the back.'
                : 'Go on as planned. What is worked on from here takes two stitches together in its first round, at the back.',
            $this->end->closes() => "Go on as planned: it is closed through {$has} stitches in place of {$planned}, which does not show.",
            PieceEnd::Sewn === $this->end => "Go on as planned: the edge has {$has} stitches in place of {$planned}, which are eased in when it is sewn on,"
                .' at the back.',
            default => "Go on as planned: the edge has {$has} stitches in place of {$planned}.",
        };
    }

    private function upper(): string
    {
        return ucfirst($this->once);
    }
}
