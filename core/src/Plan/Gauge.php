<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** Stitches and rounds of single crochet over 10 cm, and the hook they were made with. */
final readonly class Gauge
{
    public function __construct(
        public float $stitchesPer10cm,
        public float $roundsPer10cm,
        public ?float $hookMm = null,
    ) {
    }

    public function stitchWidthMm(): float
    {
        return 100.0 / $this->stitchesPer10cm;
    }

    public function roundHeightMm(): float
    {
        return 100.0 / $this->roundsPer10cm;
    }
}
