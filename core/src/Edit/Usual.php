<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Units;

/** What a dialog begins with, where the plan says nothing: what is asked for most. All of it common practice, no source. */
final class Usual
{
    private const INCH = 25.4;

    /** @return array<string, array<string, int|float|string>> contract/analysis.schema.json, usual; lengths in mm, round figures in the units */
    public static function values(Units $units): array
    {
        $isMetric = Units::Metric === $units;
        $side = $isMetric ? 50.0 : 2 * self::INCH;

        return [
            // Ten rounds of drift can be measured to a tenth of a stitch.
            'lean' => ['rounds' => 10],
            // A swatch of a square of five centimetres, or two inches, of DK.
            'swatch' => ['stitches' => 11, 'widthMm' => $side, 'rounds' => 12, 'heightMm' => $side],
            'shape' => [
                'form' => Form::Ball->value,
                'widthMm' => $isMetric ? 60.0 : 2.5 * self::INCH,
                'heightMm' => $isMetric ? 90.0 : 3.5 * self::INCH,
                'start' => 6,
                'spread' => Spread::Staggered->value,
                'decrease' => Stitch::InvisibleDecrease->value,
                'stitches' => 36,
                'rounds' => 20,
                'degrees' => 60,
                'growth' => 3,
            ],
            'cover' => ['fit' => CoverFit::Snug->value],
            'band' => ['part' => 'first', 'rounds' => 3, 'offset' => 1],
            'spots' => ['step' => 4, 'count' => 6, 'wide' => 1, 'tall' => 1],
            'panel' => ['degrees' => 90],
            'motif' => ['wide' => 7, 'high' => 6],
            'picture' => ['wide' => 16],
        ];
    }
}
