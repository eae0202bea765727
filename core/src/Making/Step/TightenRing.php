<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Form\FinishPart;
use Alternum\Core\Making\GoesWithRounds;
use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;
use Alternum\Core\Making\WorkedRounds;
use Alternum\Core\Plan\Finish\RingDrawn;

/** The ring is drawn tight once two rounds hold it. It parts no rounds that are worked alike. */
final readonly class TightenRing extends Step implements GoesWithRounds
{
    private const HELD = 2;

    public static function with(StepSite $site, WorkedRounds $worked): iterable
    {
        if ($worked->from <= self::HELD && $worked->to >= self::HELD && RingDrawn::AfterSecondRound === $site->finishing->ring
            && !$site->finishing->isTyped(FinishPart::Ring)) {
            yield new self($site->after(self::HELD));
        }
    }

    public function kind(): StepKind
    {
        return StepKind::Check;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        return 'Draw the ring tight now, not before';
    }

    public function place(): PatternPlace
    {
        return PatternPlace::Nowhere;
    }
}
