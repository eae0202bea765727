<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\JoinedPart;
use Alternum\Core\Making\StandsAfterRound;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSite;

/** Ears and limbs are sewn on when the piece is done. */
final readonly class SewOn extends SetPart implements StandsAfterRound
{
    public static function on(StepSite $site): iterable
    {
        foreach ($site->placing->placed as $placed) {
            $isJoined = [] !== array_filter($site->joined, static fn (JoinedPart $part): bool => $part->isHeldBy($placed->placement));
            if (!$placed->placement->kind->hasWasher() && !$isJoined) {
                yield new self($site->after($site->last()), $placed);
            }
        }
    }

    public function kind(): StepKind
    {
        return StepKind::Part;
    }
}
