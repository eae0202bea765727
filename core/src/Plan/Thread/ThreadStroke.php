<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

/** One stretch of thread on the outside of a piece; on to the next one it passes inside. */
final readonly class ThreadStroke
{
    /**
     * @param float $from   degrees from the thread's place, in the working direction
     * @param float $fromUp rounds up from the place, as the piece stands
     * @param float $takes  mm of thread for each mm of the way: 1 where it lies straight on it
     */
    public function __construct(public float $from, public float $fromUp, public float $to, public float $toUp, public float $takes = 1.0)
    {
    }
}
