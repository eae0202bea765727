<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** What a plan's amounts of yarn are reckoned with. */
final readonly class YarnUse
{
    public function __construct(
        public Measure $measure,
        public float $sparePercent,
        public float $tailCm,
        public float $sewingTailCm,
    ) {
    }

    public function withSewingTail(float $cm): self
    {
        return new self($this->measure, $this->sparePercent, $this->tailCm, $cm);
    }
}
