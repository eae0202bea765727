<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\WrittenSteps;
use PHPUnit\Framework\TestCase;

/** Copies that are made in other yarns are written out in those. */
final class CopiesTest extends TestCase
{
    private const LINES = ['6 sc in MR', 'inc x6', 'R3-5: sc around'];
    private const COPIES = [['name' => 'left'], ['name' => 'right', 'yarns' => ['A' => 'B', 'B' => 'A']], ['name' => 'third']];

    public function testStepsAreWrittenForEachSetOfYarns(): void
    {
        $plan = Plans::of(self::LINES, [Plans::stripes(4, 5, [['B', 2]])], ['copies' => self::COPIES]);
        [$first, $second] = StepsWriter::values($plan, Analysis::of($plan)->pieces[0], Terms::Us)['copies'];
        self::assertSame([[2, ['left', 'third']], [1, ['right']]], [[$first['copies'], $first['names']], [$second['copies'], $second['names']]]);
        [$one, $other] = [WrittenSteps::only($first['steps'], 'round'), WrittenSteps::only($second['steps'], 'round')];
        self::assertSame('R1: with A Chalk: 6 sc in MR (6)', $one[0]['text']);
        self::assertSame('R1: with B Brick: 6 sc in MR (6)', $other[0]['text']);
        self::assertSame([['A'], ['A'], ['A'], ['B']], array_column($one, 'yarns'));
        self::assertSame([['B'], ['B'], ['B'], ['A']], array_column($other, 'yarns'));
        $change = WrittenSteps::only($second['steps'], 'change')[0]['text'];
        self::assertStringContainsString('Cut B', $change);
        self::assertStringContainsString('finish with A (Chalk)', $change);
    }

    public function testThePatternHoldsBoth(): void
    {
        $plan = Plans::of(self::LINES, [], ['copies' => self::COPIES]);
        $text = WrittenPattern::text(Analysis::of($plan), Terms::Us);
        self::assertStringContainsString("BODY (left, third) (make 2; from the top down)\nWith A\nRnd 1: 6 sc in MR. [6]", $text);
        self::assertStringContainsString("BODY (right) (make 1; from the top down)\nWith B\nRnd 1: 6 sc in MR. [6]", $text);
    }

    public function testCopiesInTheSameYarnsAreWrittenOnce(): void
    {
        $plan = Plans::of(self::LINES, [], ['copies' => 4]);
        self::assertSame(1, substr_count(WrittenPattern::text(Analysis::of($plan), Terms::Us), 'Rnd 1:'));
        self::assertStringContainsString('BODY (make 4; from the top down)', WrittenPattern::text(Analysis::of($plan), Terms::Us));
    }

    /** Or once, with what each has instead. */
    public function testThePatternHoldsThemOnceWithTheDifferences(): void
    {
        $plan = Plans::of(self::LINES, [], ['copies' => self::COPIES]);
        $text = WrittenPattern::text(Analysis::of($plan), Terms::Us, true);
        self::assertSame(1, substr_count($text, 'Rnd 1:'));
        self::assertStringContainsString(
            "BODY (make 3; from the top down)\nNote: left, third as written.\nNote: right with B in place of A, A in place of B.\nWith A\nRnd 1:",
            $text,
        );
    }
}
