<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\Placed;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepSaid;

/** Something is set on the piece: from inside while it is open, or from outside when it is done. */
abstract readonly class SetPart extends Step
{
    final public function __construct(StepAddress $at, protected Placed $placed)
    {
        parent::__construct($at);
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        return $said->placed($this->placed);
    }

    public function needs(): array
    {
        return [strtolower($this->placed->placement->named())];
    }

    public function place(): PatternPlace
    {
        return PatternPlace::UnderRounds;
    }

    protected function about(): string
    {
        return $this->placed->placement->key;
    }
}
