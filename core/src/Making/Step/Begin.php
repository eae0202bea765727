<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Form\Finishing;
use Alternum\Core\Form\FinishPart;
use Alternum\Core\Form\FinishReason;
use Alternum\Core\Making\PatternLine;
use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\StandsAfterRound;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;
use Alternum\Core\Making\Trouble;
use Alternum\Core\Plan\Finish\RingDrawn;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Tail;
use Alternum\Core\Plan\Worked;

/** How a piece begins. */
final readonly class Begin extends Step implements StandsAfterRound
{
    private function __construct(
        StepAddress $at,
        private Finishing $finishing,
        private Colouring $colouring,
        private bool $isRing,
        private Worked $worked,
        private ?Join $join,
    ) {
        parent::__construct($at);
    }

    public static function on(StepSite $site): iterable
    {
        yield new self(
            at: $site->after(0), finishing: $site->finishing, colouring: $site->colouring, isRing: null !== $site->finishing->ring,
            worked: $site->piece->worked, join: $site->piece->start?->join,
        );
    }

    public function mayGoWrong(): array
    {
        return match (true) {
            Join::Bridge === $this->join => [Trouble::HoleBetweenLegs],
            null === $this->join && Worked::Rows !== $this->worked => [Trouble::TightBeginning],
            default => [],
        };
    }

    public function kind(): StepKind
    {
        return StepKind::Start;
    }

    public function drawings(): array
    {
        return $this->isRing ? ['technique magic-ring', 'technique two-chains'] : [];
    }

    public function place(): PatternPlace
    {
        return PatternPlace::UnderRounds;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        $begins = $said->begins();

        $sentences = [...null === $begins->on ? [] : ["Begin {$begins->on}"], ...$begins->notes, ...$this->notes($said, $isBrief)];

        return implode('. ', array_map(static fn (string $one): string => rtrim($one, '. '), $sentences));
    }

    public function lines(StepSaid $said): array
    {
        $begins = $said->begins();

        // How it is begun on others is one line, which is read as one where the pattern is pasted.
        $on = null === $begins->on ? [] : [PatternLine::named('Begin', implode('; ', [$begins->on, ...array_map(lcfirst(...), $begins->notes)]), $this->key())];
        $notes = [...null === $begins->on ? $begins->notes : [], ...$this->notes($said, true)];

        return [...$on, ...array_map(fn (string $note): PatternLine => PatternLine::note($note, $this->key()), $notes)];
    }

    /** @return list<string> of the ring and the starting tail, a sentence each */
    private function notes(StepSaid $said, bool $isBrief): array
    {
        $notes = $this->isRing ? [$this->ring($said, $isBrief)] : [];
        if (!$this->finishing->isTyped(FinishPart::Start)) {
            $notes[] = match ($this->finishing->start) {
                Tail::Over => 'Crochet over the starting tail in the first rounds',
                Tail::Keep => 'Leave the starting tail outside, to hang it by',
                Tail::Sew => "Leave a starting tail of {$said->sewingTail()}, to sew with",
                Tail::Inside => 'Leave the starting tail inside',
                Tail::Weave => FinishReason::Chosen === $this->finishing->reasons[FinishPart::Start->value]
                    ? 'Weave the starting tail in while the inside can be reached'
                    : '',
                Tail::Knot => '',
            };
        }

        return array_values(array_filter($notes, static fn (string $one): bool => '' !== $one));
    }

    /** Of a ring; a pattern says in its notes what is usual. */
    private function ring(StepSaid $said, bool $isBrief): string
    {
        $ring = $this->finishing->ring;
        $isUsual = FinishReason::Usual === $this->finishing->reasons[FinishPart::Ring->value];
        $drawn = match (true) {
            $this->finishing->isTyped(FinishPart::Ring), $isBrief && $isUsual => '',
            RingDrawn::AfterSecondRound === $ring => 'left open until round 2',
            Worked::Joined === $this->worked => 'drawn closed before the join',
            default => 'drawn closed at once',
        };
        if ($isBrief) {
            return '' === $drawn ? '' : "The ring is {$drawn}";
        }

        return "A magic ring in {$said->yarn($this->colouring->rounds[0][0])}".('' === $drawn ? '' : ", {$drawn}");
    }
}
