<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\WorkedRounds;

/** Rounds that are worked alike. */
final readonly class WorkRounds extends Step
{
    public function __construct(StepAddress $at, public WorkedRounds $worked, private bool $isReadable)
    {
        parent::__construct($at);
    }

    public function kind(): StepKind
    {
        return StepKind::Round;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        return $said->rounds($this->worked);
    }

    public function trouble(): ?string
    {
        return $this->isReadable ? null : 'This line could not be read: plain stitches stand in for it.';
    }

    public function place(): PatternPlace
    {
        return PatternPlace::OnRounds;
    }
}
