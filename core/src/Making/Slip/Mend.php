<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Slip;

use Alternum\Core\Notation\Stitch;

/** One place of a coming round at which other stitches are worked, so that its count is right again. */
final readonly class Mend
{
    /**
     * @param int    $index of the round's stitches in working order, from 0
     * @param int    $top   its first stitch among those that the round makes, from 1
     * @param Stitch $plan  what the plan has there
     * @param int    $times how many of it, one after the other
     * @param Stitch $with  what is worked instead
     * @param int    $as    how many of that
     */
    public function __construct(
        public int $round,
        public int $index,
        public int $top,
        public Stitch $plan,
        public int $times,
        public Stitch $with,
        public int $as,
    ) {
    }

    public function inRound(int $round): self
    {
        return new self(round: $round, index: $this->index, top: $this->top, plan: $this->plan, times: $this->times, with: $this->with, as: $this->as);
    }
}
