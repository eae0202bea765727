<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** Spots at even distances around one round or several. */
final readonly class Spots implements Layer
{
    /**
     * @param int   $from        first spotted round
     * @param int   $to          no spot begins after this round
     * @param int   $step        rounds from one spotted round to the next
     * @param int   $count       spots around; 0 where they are counted by stitches
     * @param int   $every       stitches from one spot to the next; 0 where the spots are counted
     * @param int   $wide        stitches that a spot is wide
     * @param int   $tall        rounds that it is high
     * @param bool  $isStaggered every other spotted round half a distance on
     * @param float $fromFront   degrees from the front to the first spot's middle, in the working direction
     */
    public function __construct(
        public string $yarn,
        public int $from,
        public int $to,
        public int $step,
        public int $count,
        public int $every = 0,
        public int $wide = 1,
        public int $tall = 1,
        public bool $isStaggered = false,
        public float $fromFront = 0.0,
    ) {
    }

    public function yarns(): array
    {
        return [$this->yarn];
    }

    /** The same on other rounds. */
    public function on(int $from, int $to): self
    {
        return new self($this->yarn, $from, $to, $this->step, $this->count, $this->every, $this->wide, $this->tall, $this->isStaggered, $this->fromFront);
    }
}
