<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Notation\Expansion;
use Alternum\Core\Notation\NamedYarn;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\YarnKey;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** How makers write one and the same thing. Common practice, no source. */
final class WaysOfWritingTest extends TestCase
{
    /** @return iterable<string, array{list<string>, list<int>, 2?: Worked, 3?: Terms}> with what each round makes */
    public static function ways(): iterable
    {
        yield 'a picot is closed in its first chain' => [['12 sc in MR', '(sc, ch 3, sl st in first ch, sc) x6 (12)'], [12, 12]];
        yield 'in the middle of a round' => [['12 sc in MR', '5 sc, ch 3, sl st in first ch, 7 sc (12)', '12 sc, ch 3, sl st in first ch'], [12, 12, 12]];
        yield 'a mark after each number of a range' => [['1) 6 sc in MR', '2)-4) sc x6', '5.-6. 6 sc', '7: to 8: 6 sc'], [6, 6, 6, 6, 6, 6, 6, 6]];
        yield 'into the loop that was made' => [['Make a magic loop, ch 1, 6 sc into loop', 'inc x6', 'sc in back loop around'], [6, 12, 12]];
        yield 'how often before the group' => [['12 sc in MR', '2 x (sc, inc), sc in next 8 sts (14)', '2 times (sc, inc), 10 sc (16)'], [12, 14, 16]];
        yield 'how often and a colon' => [['12 sc in MR', '6 times: sc, inc (18)', '6 times: 2 sc, inc. (24)', '6 times: sc, dec, sc'], [12, 18, 24, 18]];
        yield 'and so on' => [['12 sc in MR', 'sc, inc, and so on around (18)', '2 sc, inc, etc. (24)'], [12, 18, 24]];
        yield 'over a yarn' => [['12 sc in MR', 'working over the tail, sc around', 'sc 12 over two strands', 'sc around over the yarn'], [12, 12, 12, 12]];
        yield 'in the loop' => [['R1: make a loop, 6 sc in the loop'], [6]];
        yield 'and in the third from the hook' => [['12 sc in MR', '(sc, ch 3, sl st in 3rd ch from hook, sc) x6 (12)'], [12, 12]];
        yield 'two in one, as one word' => [
            ['6 dc in MR', 'dc2inc x6 (12)', '(1 dc, dc2inc) x6 (18)', '(1 dc, dc2tog) x6 (12)'],
            [6, 12, 18, 12],
            Worked::Spiral,
            Terms::Uk,
        ];
        yield 'along a chain from a place on' => [
            ['ch 6, 4 sc starting in 2nd ch from hook, 3 sc in last ch, on the other side 3 sc, inc (12)', 'sc around'],
            [12, 12],
        ];
        yield 'from the second chain' => [['ch 7, 5 sc from the 2nd ch, 3 sc in last ch. Other side: 4 sc, 2 sc in last ch (14)'], [14]];
        foreach (['12 fsc', 'fsc 12', '12 foundation sc', 'foundation sc 12', '12 foundation single crochet', 'foundation single crochet 12'] as $way) {
            yield "chains with their round: {$way}" => [["{$way}, join", 'sc around'], [12, 12]];
        }
        yield 'as many as fit' => [['ch 2, 6 sc from 2nd ch from hook (6)'], [6]];
        yield 'rows' => [['Row 1: ch 6, 5 sc starting in 2nd ch from hook (5)', 'Row 2: ch 1, turn, 5 sc'], [5, 5], Worked::Rows];
        yield 'rows, the chain left to the reader' => [['Row 1: ch 6, 5 sc', 'Row 2: ch 1, turn, sc across (5)'], [5, 5], Worked::Rows];
        yield 'rows, turned before' => [['Row 1: ch 6, turn, 5 sc', 'Row 2: ch 1, turn, 5 sc'], [5, 5], Worked::Rows];
        yield 'rows that leave stitches' => [
            ['Row 1: ch 9, 8 sc', 'Row 2: sc across, leave last 2 sts unworked (6)', 'Row 3: 4 sc, leaving the rest unworked', 'Row 4: 4 sc'],
            [8, 6, 4, 4],
            Worked::Rows,
        ];
        yield 'rounds that leave stitches' => [['12 sc in MR', 'sc around (leave 4 sts unworked)', 'sc around, leave last st unworked (7)'], [12, 8, 7]];
        yield 'increasing evenly' => [
            ['12 sc in MR', 'sc around, increasing 6 sts evenly (18)', 'sc around decreasing evenly 6 times (12)', 'sc around, inc 6 evenly spaced (18)'],
            [12, 18, 12, 18],
        ];
        yield 'two in every second one' => [
            ['6 sc in MR', 'inc x6', '2 sc in every second st (18)', '2 sc in every third stitch (24)', '2 sc in every other st (36)'],
            [6, 12, 18, 24, 36],
        ];
        yield 'a number said twice' => [
            ['6 sc in MR', 'inc six (6) times', '(sc, inc) six (6) times (18)', '*2 sc, inc; repeat six (6) times', '[3 sc, inc] 6 (6) times', '30 sc (30)'],
            [6, 12, 18, 24, 30, 30],
        ];
        yield 'a star between number and stitch' => [['6*sc in MR', '6*inc [12]', '12*sc [12]', '*sc, inc* x6 (18)'], [6, 12, 12, 18]];
        yield 'a total cut short' => [['6 sc in MR [tot. 6]', 'inc x6 [12 tot]', '(sc, inc) x6 (tot: 18)'], [6, 12, 18]];
        yield 'ordinals alone' => [['1st: 6 sc in MR', '2nd: inc x6 (12)', '3rd-5th: sc around (12)'], [6, 12, 12, 12, 12]];
        yield 'stitches that are said to be on the other side' => [
            ['Ch 10', 'R1: sc in 2nd ch from hook, sc 7, 3 sc in last ch, sc 7 on other side, 2 sc in last (20)', 'sc around'],
            [20, 20],
        ];
        yield 'the other side after the last chain' => [['ch 6, sc 4 from 2nd ch, 3 sc in last ch and on the other side 3 sc, inc (12)'], [12]];
        yield 'along chains that stand out, said before them' => [
            ['5 sc in MR', '*ch 4, starting in second ch from hook: sl st, sc, hdc; sl st in next st* x5', 'inc x5'],
            [5, 5, 10],
        ];
        yield 'a star without how often, held against what the line makes' => [
            ['5 sc in MR', 'sc in first st, 2 sc in next st, *1 sc, 2 sc in next st*, 1 sc (7 sts)', '*6 sc, inc* (8)'],
            [5, 7, 8],
        ];
        yield 'remarks between stars' => [
            ['6 sc in MR', 'inc x6 (12) *change to B*', 'sc around *stuff now* (12)', 'sc around (12) **place a marker**', '*sc, inc* x6 (18)'],
            [6, 12, 12, 12, 18],
        ];
    }

    /**
     * @param list<string> $lines
     * @param list<int>    $makes
     */
    #[DataProvider('ways')]
    public function testReads(array $lines, array $makes, Worked $worked = Worked::Spiral, Terms $terms = Terms::Us): void
    {
        $reading = Reader::read($lines, $terms, $worked);
        self::assertSame([], array_values(array_filter($reading->problems, static fn (Problem $problem): bool => $problem->isError())));
        self::assertSame($makes, array_map(static fn (Round $round): int => $round->makes, $reading->rounds));
    }

    /** A yarn that stands before the round's number is that round's, whatever parts the number from the stitches. */
    #[TestWith(['B R2: sc around'])]
    #[TestWith(['B R2 - sc around'])]
    #[TestWith(['B R2. sc around'])]
    public function testAYarnBeforeTheNumber(string $line): void
    {
        $reading = Reader::read(['R1: 12 sc in MR', $line], Terms::Us);
        self::assertSame([], $reading->problems);
        self::assertSame([12, 12], array_map(static fn (Round $round): int => $round->makes, $reading->rounds));
        self::assertSame(['B'], array_map(static fn (NamedYarn $yarn): string => $yarn->yarn, $reading->rounds[1]->named));
    }

    /**
     * What letters stand for, said in a list; a sentence with a letter and a colon in it is none.
     *
     * @param array<string, string> $names
     */
    #[TestWith(['A: teal', ['A' => 'teal']])]
    #[TestWith(['Yarn A = Driftwood, yarn B = rust', ['A' => 'Driftwood', 'B' => 'rust']])]
    #[TestWith(['Colours: teal (A), rust (B)', ['A' => 'teal', 'B' => 'rust']])]
    #[TestWith(['Yarn: Driftwood (A)', ['A' => 'Driftwood']])]
    #[TestWith(['Yarn key - A: Seafoam; B: Dune', ['A' => 'Seafoam', 'B' => 'Dune']])]
    #[TestWith(['A: Driftwood', []])]
    #[TestWith(['Work with A: sc around', []])]
    #[TestWith(['A: teal, then sew it on', []])]
    public function testAListOfYarnsNamesThem(string $line, array $names): void
    {
        self::assertSame($names, YarnKey::of($line));
    }

    /** @return iterable<string, array{string, array<int, string>, string|null}> the yarns by twice the stitch that they stand before, and the next one */
    public static function yarns(): iterable
    {
        foreach (['(12) B', '(12) - B', '(12) in B', '(12) - in B', '(12) (B)', '(12 sts) B.', '- B', '(12) with B', '(12) using yarn B', '[12] [B]'] as $end) {
            yield $end => ["sc around {$end}", ['B'], null];
        }
        foreach (['(12) change to B', '(12) - change to B', '(12) in last st change to B', '(12) Colour change to B'] as $end) {
            yield $end => ["sc around {$end}", [], 'B'];
        }
        yield 'a remark' => ['sc around (12) keep B', [], null];
        yield 'letters and figures' => ['A5 B2 A5', [0 => 'A', 5 * Expansion::TOPS => 'B', 7 * Expansion::TOPS => 'A'], null];
        yield 'some of them' => ['6 sc in A, 6 sc in B', [0 => 'A', 6 * Expansion::TOPS => 'B'], null];
    }

    /**
     * A yarn told beside the count is the whole round's; a change told there comes at its end.
     *
     * @param array<int, string> $named
     */
    #[DataProvider('yarns')]
    public function testAYarnBesideTheCount(string $line, array $named, ?string $next): void
    {
        $reading = Reader::read(['12 sc in MR', $line], Terms::Us);
        self::assertSame([], $reading->problems);
        self::assertSame($named, array_map(static fn (NamedYarn $yarn): string => $yarn->yarn, $reading->rounds[1]->named));
        self::assertSame($next, $reading->rounds[1]->nextYarn?->yarn);
    }

    public function testLeavesNoMoreThanItSays(): void
    {
        $problem = Reader::read(['12 sc in MR', '8 sc, leave 3 sts unworked'], Terms::Us)->problems[0];
        self::assertSame('Round 2 uses 8 of the 12 stitches below: 4 left over.', MessageWords::says($problem->message));
    }

    /**
     * A yarn at a chain is that of what is worked into it, and a chain is one whether its yarn is named before it or after it.
     *
     * @param list<string> $lines
     */
    #[TestWith([['With B, ch 15, sl st in 2nd ch from hook and in each ch across (14)'], 14])]
    #[TestWith([['Ch 15 in B, sl st in 2nd ch from hook and in each ch across (14)'], 14])]
    #[TestWith([['B: ch 15, sc in 2nd ch from hook, sc 13 (14)'], 14])]
    #[TestWith([['Ch 5 in B, join, 8 sc in ring'], 8])]
    #[TestWith([['Ch 2 in B, 6 sc in 2nd ch from hook'], 6])]
    #[TestWith([['Ch 7 in B', 'R1: sc in 2nd ch from hook, sc 5 (6)'], 6])]
    #[TestWith([['With B, ch 7.', 'R1: sc in 2nd ch from hook, sc 5 (6)'], 6])]
    #[TestWith([['Ch 20 in B'], 20])]
    public function testAYarnAtAChain(array $lines, int $makes): void
    {
        $reading = Reader::read($lines, Terms::Us);
        self::assertSame([], $reading->errors());
        self::assertSame([$makes, 'B'], [$reading->rounds[0]->makes, ($reading->rounds[0]->named[0] ?? null)?->yarn]);
    }

    /** An oval is one in whatever yarn it begins. */
    public function testAnOvalInAYarnIsAnOval(): void
    {
        $oval = 'ch 6, 4 sc from 2nd ch, 3 sc in last ch, on the other side 3 sc, inc (12)';
        foreach ([$oval, "With B, {$oval}", str_replace('ch 6', 'ch 6 in B', $oval)] as $line) {
            $reading = Reader::read([$line], Terms::Us);
            self::assertSame([6, 5, false], [$reading->foundation, $reading->side, $reading->isRing], $line);
        }
    }
}
