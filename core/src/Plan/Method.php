<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** How the step of a colour change at the marker is treated. */
enum Method: string
{
    /** The new yarn with the last yarn over of the last stitch in the old one, and nothing else. */
    case Plain = 'plain';
    /** Then the new round starts with a slip stitch in place of its first stitch, or with a slip stitch and a stitch in place of an increase. */
    case SlipStitch = 'slip-stitch';
    /** Then the loop is pulled through the first stitch of the old round, and the new one begins in the stitch after it. */
    case DrawnLoop = 'drawn-loop';
    /** The round is closed with a slip stitch: what joined rounds do anyway. */
    case ClosedRound = 'closed-round';

    /**
     * What is left of the step, in rounds.
     *
     * Source: from memory, to be judged by eye.
     */
    public function stepRounds(): float
    {
        return match ($this) {
            self::Plain => 1.0,
            self::SlipStitch => 0.5,
            self::DrawnLoop => 0.35,
            self::ClosedRound => 0.2,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Plain => 'plain change',
            self::SlipStitch => 'start with a sl st',
            self::DrawnLoop => 'pull the loop through',
            self::ClosedRound => 'joined round',
        };
    }

    /** @return list<self> what a maker may choose for a spiral */
    public static function choices(): array
    {
        return [self::Plain, self::SlipStitch, self::DrawnLoop];
    }
}
