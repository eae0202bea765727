<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\Placed;
use Alternum\Core\Making\StandsAfterRound;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;

/** A face is tried and looked at before it is locked: washers go on last, as they do not come off again. Common practice, no source. */
final readonly class LockWashers extends Step implements StandsAfterRound
{
    public static function on(StepSite $site): iterable
    {
        $rounds = array_map(
            static fn (Placed $placed): int => min($site->last(), $placed->round + 1),
            array_filter($site->placing->placed, static fn (Placed $placed): bool => $placed->placement->kind->hasWasher() && !$placed->isOutOfReach()),
        );
        if ([] !== $rounds) {
            yield new self($site->after(max($rounds)));
        }
    }

    public function kind(): StepKind
    {
        return StepKind::Eyes;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        return 'Look at the face from a step away, and move what is set until it is right. Then press the washers on from inside: they do not come off again';
    }

    public function place(): PatternPlace
    {
        return PatternPlace::UnderRounds;
    }
}
