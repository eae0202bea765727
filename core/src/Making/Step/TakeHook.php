<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\PatternLine;
use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\StandsAfterRound;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;

/** The hook that a piece is worked with, where others are worked with another. */
final readonly class TakeHook extends Step implements StandsAfterRound
{
    private function __construct(StepAddress $at, private float $mm)
    {
        parent::__construct($at);
    }

    public static function on(StepSite $site): iterable
    {
        if (null !== $site->hookMm) {
            yield new self($site->after(0), $site->hookMm);
        }
    }

    public function kind(): StepKind
    {
        return StepKind::Start;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        return "Take the hook of {$said->hook($this->mm)}";
    }

    public function place(): PatternPlace
    {
        return PatternPlace::UnderRounds;
    }

    public function lines(StepSaid $said): array
    {
        return [PatternLine::named('Hook', $said->hook($this->mm), $this->key())];
    }
}
