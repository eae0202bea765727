<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Making\Guide\Flow;
use Alternum\Core\Making\Practice\Lesson;
use Alternum\Core\Making\Practice\Lessons;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Words\PracticeWords;

/** A small striped ball to practise on, as values for JSON: contract/openapi.yaml, Practice. */
final class PracticeWriter
{
    /** A ball from 6 with three increase rounds: common practice, no source. Its first change is plain, its second has a drawn loop. */
    public static function plan(): Plan
    {
        return PlanReader::values([
            'format' => 'alternum-plan', 'version' => 1, 'title' => 'A ball to practise on', 'terms' => 'us', 'hand' => 'right', 'units' => 'metric',
            'yarns' => [
                ['key' => 'A', 'name' => 'Light', 'hex' => '#E9DFC7', 'weight' => 'dk', 'metresPer100g' => 260, 'strands' => 1],
                ['key' => 'B', 'name' => 'Dark', 'hex' => '#2F6F73', 'weight' => 'dk', 'metresPer100g' => 260, 'strands' => 1],
            ],
            'gauge' => ['stitchesPer10cm' => 22, 'roundsPer10cm' => 24, 'hookMm' => 3.0],
            'yarnUse' => ['basis' => 'guess', 'sparePercent' => 10, 'tailCm' => 15, 'sewingTailCm' => 40],
            'lean' => 0.35,
            'pieces' => [[
                'key' => 'ball', 'name' => 'Ball', 'copies' => 1, 'worked' => 'spiral',
                'rounds' => ['6 sc in MR', 'inc x6', '(sc, inc) x6', 'R4-7: sc around', '(sc, dec) x6', 'dec x6'],
                'front' => ['degrees' => 180],
                'colours' => [
                    ['kind' => 'fill', 'yarn' => 'A'],
                    ['kind' => 'stripes', 'from' => 5, 'to' => 6, 'sequence' => [['yarn' => 'B', 'rounds' => 2]]],
                ],
                'changes' => ['method' => 'auto', 'at' => [['round' => 4, 'method' => 'plain'], ['round' => 6, 'method' => 'drawn-loop']]],
                'placements' => [],
            ]],
        ]);
    }

    /** @return array<string, mixed> */
    public static function values(): array
    {
        $analysis = Analysis::of(self::plan());
        $piece = $analysis->pieces[0];
        $lessons = Lessons::in(Flow::of($piece->site()));

        return [
            'toy' => GuidedToyWriter::values($analysis),
            'guide' => GuideWriter::piece($analysis->plan, $piece),
            'lessons' => array_map(static fn (int $stop, Lesson $lesson): array => [
                'stop' => $stop, 'key' => $lesson->value, 'says' => PracticeWords::says($lesson), 'asks' => PracticeWords::asks($lesson),
            ], array_keys($lessons), $lessons),
        ];
    }
}
