<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Toy\LaidThread;

/** Something is embroidered on the piece. */
abstract readonly class LayThread extends Step
{
    final public function __construct(StepAddress $at, protected LaidThread $laid)
    {
        parent::__construct($at);
    }

    public function kind(): StepKind
    {
        return StepKind::Thread;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        return $said->thread($this->laid, $isBrief);
    }

    public function drawings(): array
    {
        return ["thread {$this->laid->thread->kind::kind()}"];
    }

    public function needs(): array
    {
        return ['a yarn needle'];
    }

    protected function about(): string
    {
        return $this->laid->thread->key;
    }
}
