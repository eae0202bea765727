<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\StandsAfterRound;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSite;

/** Eyes and whatever else has a washer inside: set once the round above it is worked, while the opening still lets a hand in. */
final readonly class SetFromInside extends SetPart implements StandsAfterRound
{
    public static function on(StepSite $site): iterable
    {
        foreach ($site->placing->placed as $placed) {
            if ($placed->placement->kind->hasWasher()) {
                yield new self($site->after(min($site->last(), $placed->round + 1)), $placed);
            }
        }
    }

    /** Until its washer is on it can be moved. */
    public function waits(): bool
    {
        return StepKind::Eyes !== $this->kind();
    }

    public function kind(): StepKind
    {
        return $this->placed->isOutOfReach() ? StepKind::Thread : StepKind::Eyes;
    }

    public function trouble(): ?string
    {
        return match (true) {
            !$this->placed->isOutOfReach() => null,
            0 === $this->placed->deadline => 'No fingers get into a piece this narrow, so it cannot be set from inside.',
            default => "After round {$this->placed->deadline} no fingers get in, so it cannot be set from inside.",
        };
    }
}
