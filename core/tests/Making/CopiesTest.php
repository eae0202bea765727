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
        [$first, $second] = array_map(static fn (int $at): array => StepsWriter::values($plan, Analysis::of($plan)->pieces[0], Terms::Us, $at), [0, 1]);
        self::assertSame([['copies' => 2, 'names' => ['left', 'third']], ['copies' => 1, 'names' => ['right']]], $first['copies']);
        self::assertSame([$first['copies'], 0, 1], [$second['copies'], $first['group'], $second['group']]);
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
        $text = WrittenPattern::text(Analysis::of($plan), Terms::Us, false);
        self::assertStringContainsString("BODY (left, third) (make 2)\nWith A\nRnd 1: 6 sc in MR. [6]", $text);
        self::assertStringContainsString("BODY (right) (make 1)\nWith B\nRnd 1: 6 sc in MR. [6]", $text);
    }

    public function testCopiesInTheSameYarnsAreWrittenOnce(): void
    {
        $plan = Plans::of(self::LINES, [], ['copies' => 4]);
        self::assertSame(1, substr_count(WrittenPattern::text(Analysis::of($plan), Terms::Us), 'Rnd 1:'));
        self::assertStringContainsString('BODY (make 4)', WrittenPattern::text(Analysis::of($plan), Terms::Us));
    }

    /** Ninety-nine copies in yarns of their own, of a long piece, are not written ninety-nine times. */
    public function testThePatternIsNoLongerThanCanBeRead(): void
    {
        $copies = [];
        for ($i = 1; $i <= 99; ++$i) {
            $yarn = static fn (int $of): string => ['A', 'B', 'C'][intdiv($i, $of) % 3];
            $copies[] = ['name' => "leg {$i}", 'yarns' => ['A' => $yarn(1), 'B' => $yarn(3), 'C' => $yarn(9)]];
        }
        $lines = ['6 sc in MR', 'R2-299: sc around', 'R300: sc around'];
        $text = WrittenPattern::text(Analysis::of(Plans::of($lines, [], ['copies' => $copies])), Terms::Us, false);
        self::assertSame(1, substr_count($text, 'Rnd 1:'));
        self::assertStringContainsString('as written', $text);
        $text = WrittenPattern::text(Analysis::of(Plans::of($lines, [], ['copies' => \array_slice($copies, 0, 3)])), Terms::Us, false);
        self::assertSame(3, substr_count($text, 'Rnd 1:'));
    }

    /** Usually once, with what each has instead. */
    public function testThePatternHoldsThemOnceWithTheDifferences(): void
    {
        $plan = Plans::of(self::LINES, [], ['copies' => self::COPIES]);
        $text = WrittenPattern::text(Analysis::of($plan), Terms::Us);
        self::assertSame(1, substr_count($text, 'Rnd 1:'));
        self::assertStringContainsString(
            "BODY (make 3)\nNote: left, third as written.\nNote: right with B in place of A, A in place of B.\nWith A\nRnd 1:",
            $text,
        );
    }
}
