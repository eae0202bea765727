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

    /** Common practice, no source: woven tails of 15 cm, 40 cm to sew with, a tenth to spare. */
    public static function usual(): self
    {
        return new self(Measure::guess(), 10.0, 15.0, 40.0);
    }
}
