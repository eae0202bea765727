<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Change\Ways;
use Alternum\Core\Notation\YarnWay;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\Changes;
use Alternum\Core\Place\Harmony;
use Alternum\Core\Place\HelixPart;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Counted;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Tail;
use Alternum\Core\Plan\Worked;

/** What becomes of the old yarn at a change, and of the ends: what to do, why, and what to mind. */
final readonly class EndsWords
{
    /** A float of more stitches is a separate length, or something that is not worked in: common practice, no source. */
    private const FAR = 10;
    /** A yarn that passes fewer stitches hangs where it is wanted, and is picked up. */
    private const BESIDE = 2;

    /** @param bool $isOpen whether its inside can be seen and reached when it is done */
    public function __construct(private Plan $plan, private Piece $piece, private YarnWords $yarns, private bool $isOpen)
    {
    }

    /** @return list<string> a sentence a step */
    public function toDo(Change $change): array
    {
        $yarns = $change->yarns;
        $from = $this->yarns->letter($yarns->from);
        $once = $this->once();
        $back = "it comes back at stitch {$yarns->backStitch} of {$once} {$yarns->backRound}.";
        $steps = [match ($yarns->old) {
            OldYarn::Wait => null,
            OldYarn::Cut => $this->cut($change),
            OldYarn::Carry => $change->place->isAtEnd && Worked::Rows === $this->piece->worked
                ? "Leave {$from} hanging at the edge; in {$once} {$yarns->backRound} carry it loosely up the edge."
                    .($this->isEdged() ? ' The edging hides it.' : '')
                : $this->carry($change),
            OldYarn::Float => $this->float($change, $back),
            OldYarn::Over => "Lay {$from} along the top of the round below and crochet over it; {$back}",
        }];
        if (null === $yarns->takenFrom) {
            $steps[] = $this->joined($change);
        }
        if ([] !== $yarns->catches) {
            $passes = OldYarn::Carry === $yarns->old ? $yarns->across : $yarns->passes;
            $steps[] = "Catch {$from} behind at {$this->caught($change)}, as it passes {$passes} stitches."
                .($passes > self::FAR ? ' That is far for one float: a separate length for each spot, a bobble, or a circle sewn on shows less.' : '');
        }
        if ('' !== $yarns->hanging) {
            $letters = array_map($this->yarns->letter(...), str_split($yarns->hanging));
            $steps[] = YarnWords::listed(...$letters).(1 === \count($letters) ? ' stays hanging inside.' : ' stay hanging inside.');
        }

        return array_values(array_filter($steps, static fn (?string $step): bool => null !== $step));
    }

    public function why(Change $change): string
    {
        return implode(' ', array_filter(
            [$this->whyYarn($change), $this->whyJoined($change), ...$this->cautions($change)],
            static fn (string $said): bool => '' !== $said,
        ));
    }

    /** Whether the edges that yarns are carried up are crocheted over by another piece. */
    private function isEdged(): bool
    {
        foreach ($this->plan->pieces as $other) {
            if (\in_array($other->start?->join, [Join::Edge, Join::Edges], true) && \in_array($this->piece->key, $other->start->pieces, true)) {
                return true;
            }
        }

        return false;
    }

    /** "stitches 4 and 8", "stitch 17 of round 4 and stitch 3 of round 5": the round only where it is not the change’s own. */
    private function caught(Change $change): string
    {
        $stitches = [];
        foreach ($change->yarns->catches as $place) {
            $stitches[$place->round][] = (string) $place->stitch;
        }
        $said = [];
        foreach ($stitches as $round => $places) {
            $said[] = YarnWords::nouns('stitch', 'stitches', ...$places).(OldYarn::Carry === $change->yarns->old ? " of {$this->once()} {$round}" : '');
        }

        return implode(' and ', $said);
    }

    private function float(Change $change, string $back): string
    {
        $yarns = $change->yarns;
        [$from, $once] = [$this->yarns->letter($yarns->from), $this->once()];

        return match (true) {
            !$yarns->passesBack => "Carry {$from} loosely across the inside; {$back}",
            $yarns->passes < self::BESIDE => "Leave {$from} hanging at the marker; in {$once} {$yarns->backRound} pick it up at stitch {$yarns->backStitch},"
                .' with a stitch of slack.',
            default => "Leave {$from} hanging at the marker; at stitch {$yarns->backStitch} of {$once} {$yarns->backRound} bring it back loosely"
                .' across '.Counted::of($yarns->passes, 'stitch').'.',
        };
    }

    private function carry(Change $change): string
    {
        $yarns = $change->yarns;
        [$from, $once] = [$this->yarns->letter($yarns->from), $this->once()];

        return match (true) {
            -$yarns->across > $this->plan->floats => "Leave {$from} hanging inside; in {$once} {$yarns->backRound} bring it back loosely across "
                .-$yarns->across." stitches, caught behind every {$this->plan->floats} or so, and take it up at stitch {$yarns->backStitch}.",
            $yarns->across > $this->plan->floats => "Leave {$from} hanging inside; in {$once} {$yarns->backRound} it passes loosely across"
                ." {$yarns->across} stitches and is taken up at stitch {$yarns->backStitch}.",
            $change->place->isAtEnd => "Leave {$from} hanging inside; pick it up again in {$once} {$yarns->backRound}, with a stitch of slack.",
            default => "Leave {$from} hanging inside; in {$once} {$yarns->backRound} pick it up at stitch {$yarns->backStitch}, with a stitch of slack.",
        };
    }

    private function cut(Change $change): ?string
    {
        $yarns = $change->yarns;
        $from = $this->yarns->letter($yarns->from);
        $cm = $this->yarns->length($yarns->oldTail->cm($this->plan->yarnUse));
        if (Ways::of($change->treatment->method)->parts() && Tail::Weave === $yarns->oldTail) {
            return null;
        }

        // Where it ends beside other yarns in one spiral, its own loop is open.
        $does = HelixPart::Ends === $yarns->helix ? 'Fasten off' : 'Cut';

        return "{$does} {$from}, leaving {$cm}".match ($yarns->oldTail) {
            Tail::Weave => '.',
            Tail::Knot => ', and knot it '.$this->knottedTo($change).' inside, not too tightly.',
            Tail::Inside => ', and leave it inside with the stuffing.',
            Tail::Over => ', and crochet over it for the next three or four stitches.',
            Tail::Sew => ' to sew with.',
            Tail::Keep => ', and keep it outside, to hang the piece by.',
        };
    }

    /** What a cut end is knotted to: the new yarn's end, where that has one, else its own yarn's other end. Never a yarn that goes on. */
    private function knottedTo(Change $change): string
    {
        $yarns = $change->yarns;

        return null === $yarns->takenFrom
            ? "to {$this->yarns->letter($yarns->to)}’s end"
            : "to {$this->yarns->letter($yarns->from)}’s other end, the one that it was attached with";
    }

    /** Of a yarn that is joined anew; weaving in needs no word of its own. */
    private function joined(Change $change): ?string
    {
        $yarns = $change->yarns;
        $to = $this->yarns->letter($yarns->to);
        $cm = $this->yarns->length($yarns->newTail->cm($this->plan->yarnUse));

        return match ($yarns->newTail) {
            Tail::Weave => null,
            // An end is knotted to an end: to the old yarn's, where that is cut here, or else later to its own other one.
            Tail::Knot => match (true) {
                OldYarn::Cut !== $yarns->old => "Leave {$cm} of {$to} inside; it is knotted to {$to}’s other end when that is cut.",
                Tail::Knot === $yarns->oldTail => null,
                default => "Knot {$to}’s end, {$cm}, to the end of {$this->yarns->letter($yarns->from)} inside.",
            },
            Tail::Inside => "Leave {$cm} of {$to} inside with the stuffing.",
            Tail::Over => "Attach {$to} with {$cm}, and crochet over its end for three or four stitches.",
            Tail::Sew => "Attach {$to} with {$cm} to sew with.",
            Tail::Keep => "Attach {$to} with {$cm} outside, to hang the piece by.",
        };
    }

    private function whyYarn(Change $change): string
    {
        $yarns = $change->yarns;
        $from = $this->yarns->letter($yarns->from);
        if (\in_array($yarns->typed, [YarnWay::Cut, YarnWay::Carry, YarnWay::Float], true) && $yarns->old->value === $yarns->typed->value) {
            return "Your words say to {$yarns->typed->value} {$from}.";
        }
        $whyCut = Ways::of($change->treatment->method)->whyCut();
        $noun = Worked::Rows === $this->piece->worked ? 'row' : 'round';
        $after = 0 === $yarns->waits ? "in the next {$this->once()}" : 'after '.Counted::of($yarns->waits ?? 0, $noun);

        return match (true) {
            OldYarn::Wait === $yarns->old => "{$from} waits there, and goes on one {$this->once()} higher.",
            OldYarn::Float === $yarns->old => "{$from} comes back in the same {$this->once()}.",
            OldYarn::Over === $yarns->old => "You chose to crochet over {$from}; it comes back {$after}.",
            OldYarn::Carry === $yarns->old && ($yarns->waits ?? 0) > Changes::CARRIED_OVER => "You chose to carry {$from}; it comes back only {$after}.",
            OldYarn::Carry === $yarns->old => "{$from} comes back {$after}, near enough to carry.",
            null === $yarns->backRound => "{$from} is not used again.",
            $yarns->isChosen => "You chose to cut {$from}.",
            null !== $whyCut => $whyCut,
            ($yarns->waits ?? 0) <= Changes::CARRIED_OVER && Worked::Rows === $this->piece->worked => "{$from} hangs at the other edge when it is wanted:"
                .' two tails, or take three yarns in turn.',
            ($yarns->waits ?? 0) <= Changes::CARRIED_OVER => "{$from} begins anew with a standing stitch when it comes back.",
            default => "{$from} comes back only {$after}, too far to carry: two tails.",
        };
    }

    private function whyJoined(Change $change): string
    {
        $yarns = $change->yarns;

        return match ($yarns->typed) {
            YarnWay::Over => 'Your words say to work over its tail.',
            YarnWay::Standing => "Your words say to begin {$this->yarns->letter($yarns->to)} with a standing stitch.",
            default => '',
        };
    }

    /** @return list<string> what to mind about what the maker chose */
    private function cautions(Change $change): array
    {
        $yarns = $change->yarns;
        [$from, $to] = [$this->yarns->letter($yarns->from), $this->yarns->letter($yarns->to)];
        $isCut = OldYarn::Cut === $yarns->old;
        $isKnotted = $isCut && Tail::Knot === $yarns->oldTail || null === $yarns->takenFrom && Tail::Knot === $yarns->newTail;
        $isOver = OldYarn::Over === $yarns->old || $isCut && Tail::Over === $yarns->oldTail;

        return array_values(array_filter([
            $isKnotted && $this->isOpen ? 'The piece is left open: a knot inside it shows.' : null,
            $isOver && Harmony::isMuchDarker($this->plan, $yarns->from, $yarns->to)
                ? "{$from} is much darker than {$to}: crocheted over, it lies inside the stitches and shines through."
                : null,
            OldYarn::Float === $yarns->old && $yarns->passes > $this->plan->floats && $this->isOpen
                ? 'The piece is left open: fingers catch in a long float.'
                : null,
        ]));
    }

    private function once(): string
    {
        return $this->piece->worked->once();
    }
}
