<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;

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

    public static function read(Fields $fields): self
    {
        $gauge = new self(
            $fields->number('stitchesPer10cm', 2, 100),
            $fields->number('roundsPer10cm', 2, 100),
            $fields->has('hookMm') ? $fields->number('hookMm', 0.4, 30) : null,
        );
        $fields->close();

        return $gauge;
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        return ['stitchesPer10cm' => Number::plain($this->stitchesPer10cm), 'roundsPer10cm' => Number::plain($this->roundsPer10cm)]
            + (null === $this->hookMm ? [] : ['hookMm' => Number::plain($this->hookMm)]);
    }
}
