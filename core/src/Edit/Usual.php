<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Copies;
use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\Hand;
use Alternum\Core\Plan\Measure;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Units;
use Alternum\Core\Plan\WeightCategory;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Plan\Yarn;
use Alternum\Core\Plan\YarnUse;

/** What a new plan and a dialog begin with, where nothing is said: what is asked for most. All of it common practice, no source. */
final class Usual
{
    /** DK of 250 m in 100 g with a 3 mm hook, two yarns that can be told apart, and a piece without rounds yet. */
    public static function plan(): Plan
    {
        return new Plan(
            title: 'New plan',
            terms: Terms::Us,
            hand: Hand::Right,
            units: Units::Metric,
            yarns: [
                new Yarn('A', 'First yarn', '#E9E2D0', WeightCategory::Dk, 250.0),
                new Yarn('B', 'Second yarn', '#3F6F7F', WeightCategory::Dk, 250.0),
            ],
            gauge: new Gauge(22.0, 24.0, 3.0),
            yarnUse: new YarnUse(Measure::guess(), 10.0, 15.0, 40.0),
            pieces: [new Piece('body', 'Body', Copies::times(1), Worked::Spiral, [])],
        );
    }

    /** @return array<string, array<string, int|float|string>> contract/analysis.schema.json, usual; lengths in mm, round figures in the units */
    public static function values(Units $units): array
    {
        $isMetric = Units::Metric === $units;
        $side = $isMetric ? 50.0 : 2 * Units::INCH_IN_MM;

        return [
            // Ten rounds of drift can be measured to a tenth of a stitch.
            'lean' => ['rounds' => 10],
            // A swatch of a square of five centimetres, or two inches, of DK.
            'swatch' => ['stitches' => 11, 'widthMm' => $side, 'rounds' => 12, 'heightMm' => $side],
            'shape' => [
                'form' => Form::Ball->value,
                'widthMm' => $isMetric ? 60.0 : 2.5 * Units::INCH_IN_MM,
                'heightMm' => $isMetric ? 90.0 : 3.5 * Units::INCH_IN_MM,
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
