<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Words;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\Pattern\ChartRound;
use PHPUnit\Framework\TestCase;

/** The chart that is printed beside the words of a piece whose yarns change within rounds. */
final class ChartRoundTest extends TestCase
{
    private const TUBE = ['6 sc in MR', 'inc x6', 'R3-5: sc around'];
    private const SPOT = [['kind' => 'fill', 'yarn' => 'A'], ['kind' => 'run', 'round' => 4, 'from' => 3, 'to' => 5, 'yarn' => 'B']];

    public function testEachRoundIsItsYarnsFromItsFirstStitch(): void
    {
        self::assertSame(
            [1 => [['A', 6]], [['A', 12]], [['A', 12]], [['A', 2], ['B', 3], ['A', 7]], [['A', 12]]],
            array_column(self::chart(Plans::of(self::TUBE, self::SPOT)), 'runs', 'number'),
        );
    }

    /** By hand: without a lean the front of a round of 12, opposite its beginning, lies in stitch 7; it is the plan's 180°. */
    public function testTheCellThatFacesTheViewerIsMarked(): void
    {
        $plan = Plans::of(['12 sc in MR', 'R2-5: sc around'], self::SPOT, ['lean' => 0, 'front' => ['degrees' => 180]]);
        self::assertSame([7, 7, 7, 7, 7], array_column(self::chart($plan), 'front'));
    }

    public function testStripesNeedNoChart(): void
    {
        self::assertSame([], self::chart(Plans::of(self::TUBE, [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(3, 4, [['B', 1]])])));
    }

    public function testACopyInOtherYarnsHasItsOwnLetters(): void
    {
        $plan = Plans::of(self::TUBE, self::SPOT, ['copies' => [['name' => 'Left'], ['name' => 'Right', 'yarns' => ['B' => 'A', 'A' => 'B']]]]);
        $sections = WrittenPattern::document(Analysis::of($plan), Terms::Us, false)->sections;
        $charts = array_values(array_filter(array_map(static fn ($section): array => $section->chart, $sections)));
        self::assertSame([['A', 2], ['B', 3], ['A', 7]], $charts[0][3]->runs);
        self::assertSame([['B', 2], ['A', 3], ['B', 7]], $charts[1][3]->runs);
    }

    /** @return list<ChartRound> */
    private static function chart(Plan $plan): array
    {
        $charts = [];
        foreach (WrittenPattern::document(Analysis::of($plan), Terms::Us)->sections as $section) {
            array_push($charts, ...$section->chart);
        }

        return $charts;
    }
}
