<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Form\FinishPart;
use Alternum\Core\Making\GoesWithRounds;
use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;
use Alternum\Core\Making\WorkedRounds;
use Alternum\Core\Plan\Finish\RingDrawn;
use Alternum\Core\Plan\Worked;

/** The ring is drawn closed once two rounds hold it, or snugged once more. It parts no rounds that are worked alike. */
final readonly class TightenRing extends Step implements GoesWithRounds
{
    private const HELD = 2;

    /** @param bool $isWithin its round is worked in one go with others after it */
    private function __construct(StepAddress $at, private RingDrawn $ring, private bool $isWithin)
    {
        parent::__construct($at);
    }

    public static function with(StepSite $site, WorkedRounds $worked): iterable
    {
        $ring = $site->finishing->ring;
        $isTold = RingDrawn::AfterSecondRound === $ring || Worked::Spiral === $site->piece->worked;
        if (null !== $ring && $isTold && $worked->from <= self::HELD && $worked->to >= self::HELD && !$site->finishing->isTyped(FinishPart::Ring)) {
            yield new self($site->after(self::HELD), $ring, $worked->to > self::HELD);
        }
    }

    public function kind(): StepKind
    {
        return StepKind::Check;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        $does = RingDrawn::AtOnce === $this->ring ? 'snug the ring once more' : 'draw the ring closed';

        return $this->isWithin ? 'After round '.self::HELD.", {$does}" : ucfirst($does);
    }

    public function leads(): bool
    {
        return $this->isWithin;
    }

    public function place(): PatternPlace
    {
        return PatternPlace::Nowhere;
    }
}
