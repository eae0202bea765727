<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** How the step of a colour change at the marker is treated. */
enum Method: string
{
    /** The new yarn on the last pull-through of the last stitch in the old one, and nothing else. */
    case Plain = 'plain';
    /** Then the first stitch of the new round is a slip stitch, which the next round's first stitch covers. */
    case SlipStitch = 'slip-stitch';
    /** Then the loop is taken off the hook and drawn through the next stitch; the marker moves one stitch on. */
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
            self::Plain => 'plain swap',
            self::SlipStitch => 'slip stitch first',
            self::DrawnLoop => 'drawn loop',
            self::ClosedRound => 'closed round',
        };
    }

    /** @return list<self> what a maker may choose for a spiral */
    public static function choices(): array
    {
        return [self::Plain, self::SlipStitch, self::DrawnLoop];
    }
}
