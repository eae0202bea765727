<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** How the step of a colour change at the marker is treated. What each does is in Change\Way. */
enum Method: string
{
    case Plain = 'plain';
    case Early = 'early';
    case EarlyBack = 'early-back';
    case SlipStitch = 'slip-stitch';
    case DrawnLoop = 'drawn-loop';
    case DrawnLoopAfter = 'drawn-loop-after';
    case StandingStart = 'standing-start';
    case ClosedRound = 'closed-round';
    case Levelled = 'levelled';
    case Covered = 'covered';

    /** @return list<self> what a maker may choose for all changes of a piece: a cover is tied to a part */
    public static function choices(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $method): bool => self::Covered !== $method));
    }
}
