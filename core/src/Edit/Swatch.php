<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\Plan;

/** Takes the gauge from a swatch: stitches and rounds counted over a width and a height that were measured. */
final readonly class Swatch implements EditKind
{
    /** @param float $widthMm over which the stitches were counted; $heightMm over which the rounds were */
    public function __construct(private float $stitches, private float $widthMm, private float $rounds, private float $heightMm)
    {
    }

    public static function words(): array
    {
        return ['swatch'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self(
            $fields->number('stitches', 1, 1000),
            $fields->number('widthMm', 5, 3000),
            $fields->number('rounds', 1, 1000),
            $fields->number('heightMm', 5, 3000),
        );
    }

    public function apply(Plan $plan): Plan
    {
        $gauge = new Gauge(
            round($this->stitches / $this->widthMm * 100.0, 1),
            round($this->rounds / $this->heightMm * 100.0, 1),
            $plan->gauge->hookMm,
            $plan->gauge->stretch,
        );

        return $gauge->isPossible()
            ? $plan->withGauge($gauge)
            : throw EditRefused::because('swatch.tooMany', stitches: $gauge->stitchesPer10cm, rounds: $gauge->roundsPer10cm);
    }

    public function inWords(): string
    {
        return 'Gauge from a swatch';
    }
}
