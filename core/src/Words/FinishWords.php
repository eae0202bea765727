<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Fabric\Finishing;
use Alternum\Core\Fabric\FinishPart;
use Alternum\Core\Fabric\FinishReason;
use Alternum\Core\Making\StuffGo;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Plan\Finish\PieceEnd;
use Alternum\Core\Plan\Finish\RingDrawn;
use Alternum\Core\Plan\Tail;

/** How a piece begins and ends, in sentences that the notation's reader reads back as the same. */
final readonly class FinishWords
{
    /**
     * @param int    $stitches of the last round
     * @param string $next     the piece that goes on from it; '' for none
     * @param int    $copies   how many are made
     * @param int    $uncut    of how many of them the yarn goes on into that piece
     * @param float  $tailCm   that an end is left with
     */
    public function __construct(
        private Finishing $finishing,
        private YarnWords $yarns,
        private Vocabulary $vocabulary,
        private int $stitches,
        private string $next,
        private int $copies,
        private int $uncut,
        private float $tailCm,
    ) {
    }

    /** @return list<string> what is said before the first round */
    public function start(float $sewingCm): array
    {
        $said = [];
        if (RingDrawn::AtOnce === $this->finishing->ring && !$this->finishing->isTyped(FinishPart::Ring)) {
            $said[] = 'Draw the ring tight at once';
        }
        if (!$this->finishing->isTyped(FinishPart::Start)) {
            $said[] = match ($this->finishing->start) {
                Tail::Over => 'Crochet over the starting tail in the first rounds',
                Tail::Keep => 'Leave the starting tail outside, to hang it by',
                Tail::Sew => "Leave a starting tail of {$this->yarns->length($sewingCm)}, to sew with",
                Tail::Inside => 'Leave the starting tail inside',
                Tail::Weave, Tail::Knot => '',
            };
        }

        return array_values(array_filter($said, static fn (string $one): bool => '' !== $one));
    }

    public function ringTight(): string
    {
        return 'Draw the ring tight now, not before';
    }

    public function turn(): string
    {
        return 'Turn it right side out';
    }

    public function stuffBetween(): string
    {
        return "stuff{$this->firmly()} through the gap, then close the rest";
    }

    private function firmly(): string
    {
        return match ($this->finishing->firmness) {
            Firmness::Firm => ' firmly',
            Firmness::Light => ' lightly',
            Firmness::Half => ' only half full',
            Firmness::Usual => ' to medium firmness',
            Firmness::None => '',
        };
    }

    public function stuff(StuffGo $go): string
    {
        $how = $this->firmly();
        $clear = '' === $this->finishing->clear ? '' : ", leave {$this->finishing->clear} empty";

        return match (true) {
            1 === $go->of => "Stuff{$how}{$clear}",
            1 === $go->go => "Begin stuffing{$how}{$clear}",
            $go->go === $go->of => 'Finish stuffing',
            default => 'Stuff more',
        };
    }

    public function fastenOff(): string
    {
        $tail = $this->yarns->length($this->finishing->tailCm);

        return match (true) {
            null === $this->finishing->end => $this->goOn(),
            PieceEnd::Sewn === $this->finishing->end => "Fasten off, {$tail} tail to sew with",
            PieceEnd::Open === $this->finishing->end && !$this->finishing->isTyped(FinishPart::End) => "Fasten off, {$tail} tail. Leave it open",
            default => "Fasten off, {$tail} tail",
        };
    }

    private function goOn(): string
    {
        return match (true) {
            $this->uncut <= 0 => "Fasten off, {$this->yarns->length($this->tailCm)} tail: {$this->next} begins on it",
            $this->uncut < $this->copies => "Fasten off all but the last: {$this->next} goes on from that",
            default => "Keep the yarn: {$this->next} goes on from here",
        };
    }

    public function close(): string
    {
        $single = $this->vocabulary->abbreviation(Stitch::Single);
        $half = intdiv($this->stitches, 2);

        return match ($this->finishing->end) {
            PieceEnd::FrontLoops => "Thread through the front loops of the {$this->stitches} sts, pull closed, hide the end",
            PieceEnd::EverySecond => "Thread through the front loop of every second of the {$this->stitches} sts, pull closed, hide the end",
            PieceEnd::Twice => "Thread through the front loops of the {$this->stitches} sts twice around, pull closed, hide the end",
            PieceEnd::Flat => "Press the opening flat and work {$half} {$single} through both sides",
            PieceEnd::NeedleJoin => 'Finish with a needle join',
            default => '',
        };
    }

    public function drawIn(): string
    {
        $drawn = $this->finishing->drawn;
        $said = [];
        if ($drawn->segments > 0) {
            $said[] = 'Take the tail through the middle from pole to pole '.(1 === $drawn->segments ? 'once' : "{$drawn->segments} times").', pull each in';
        }
        if ($drawn->base) {
            $said[] = 'Draw the base flat with the tail, up inside and back';
        }

        return implode('. ', $said);
    }

    public function weaveIn(): string
    {
        return PieceEnd::Sewn === $this->finishing->end ? 'Weave in the starting tail' : 'Weave in the ends';
    }

    /** Why it ends so. */
    public static function whyEnd(Finishing $finishing): string
    {
        return match ($finishing->reasons[FinishPart::End->value]) {
            FinishReason::Chosen => 'You chose it.',
            FinishReason::Typed => 'Your words say it.',
            FinishReason::Closes => 'So few stitches are drawn closed.',
            FinishReason::GoesOn => 'Another piece is worked on from it.',
            FinishReason::Flat => 'It is flat.',
            FinishReason::Alone => 'It stays open, and there is nothing to sew it to.',
            default => 'It stays open, so it is sewn to another.',
        };
    }

    private static function tooShort(Finishing $finishing): string
    {
        return "Too short: drawing the piece in alone takes {$finishing->threadCm} cm.";
    }

    /** What is wrong with drawing it in; null: nothing. */
    public function drawingTrouble(): ?string
    {
        return $this->finishing->isTooShort() ? self::tooShort($this->finishing) : null;
    }

    /** Why its tail is so long. */
    public static function whyTail(Finishing $finishing): string
    {
        return match (true) {
            $finishing->isTooShort() => self::tooShort($finishing),
            FinishReason::Chosen === $finishing->reasons[FinishPart::Tail->value] => 'You chose it.',
            FinishReason::Typed === $finishing->reasons[FinishPart::Tail->value] => 'Your words say it.',
            !$finishing->drawn->isNothing() => 'Long enough to draw the piece in, and to close it.',
            $finishing->sews => 'Long enough to sew with.',
            true === $finishing->end?->closes() => 'Closing takes 12 cm or more.',
            default => 'Long enough to be woven in.',
        };
    }

    /** Why the ring is drawn tight when it is. */
    public static function whyRing(Finishing $finishing): string
    {
        return match (true) {
            FinishReason::Chosen === $finishing->reasons[FinishPart::Ring->value] => 'You chose it.',
            FinishReason::Typed === $finishing->reasons[FinishPart::Ring->value] => 'Your words say it.',
            default => 'After two rounds the stitches hold it, and the tail does not slip.',
        };
    }

    /** Why the starting tail goes where it goes. */
    public static function whyStart(Finishing $finishing): string
    {
        return match (true) {
            FinishReason::Chosen === $finishing->reasons[FinishPart::Start->value] => 'You chose it.',
            FinishReason::Typed === $finishing->reasons[FinishPart::Start->value] => 'Your words say it.',
            default => 'Woven in, it keeps the ring from opening.',
        };
    }

    /** Why it is stuffed so. */
    public static function whyStuffed(Finishing $finishing): string
    {
        return match ($finishing->reasons[FinishPart::Stuffing->value]) {
            FinishReason::Chosen => 'You chose it.',
            FinishReason::Typed => 'Your words say it.',
            FinishReason::Closes => 'What is closed takes more stuffing than one thinks.',
            FinishReason::Narrow => 'It is too narrow for fingers: push a little in at a time.',
            FinishReason::Flat => 'It is flat.',
            default => 'It is stuffed through its opening.',
        };
    }
}
