<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Round;
use Alternum\Core\Plan\Fix;
use Alternum\Core\Plan\Layer\RoundRange;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ReaderTest extends TestCase
{
    /** @return list<int> */
    private static function counts(string ...$lines): array
    {
        return array_map(static fn (Round $round): int => $round->makes, Reader::read(array_values($lines), Terms::Us)->rounds);
    }

    /** Many habits of writing one round on 18 stitches, each worked out by hand. */
    #[TestWith(['R4: (2 sc, inc) x6 (24)', 'ssissississississi', 24])]
    #[TestWith(['Rnd 4. [2 sc, inc] × 6 [24]', 'ssissississississi', 24])]
    #[TestWith(['Round 4 - (sc 2, inc) 6 times (24 sts)', 'ssissississississi', 24])]
    #[TestWith(['ROUND 4: (2SC, INC) AROUND', 'ssissississississi', 24])]
    #[TestWith(['4: *2', '', 18])]
    #[TestWith(['r4: [sc, sc, 2 sc in next st]x6 [24]', 'ssissississississi', 24])]
    #[TestWith(['R4: 18 sc', 'ssssssssssssssssss', 18])]
    #[TestWith(['R4: sc 18', 'ssssssssssssssssss', 18])]
    #[TestWith(['R4: 18sc', 'ssssssssssssssssss', 18])]
    #[TestWith(['R4: sc around', 'ssssssssssssssssss', 18])]
    #[TestWith(['R4: sc in each st around', 'ssssssssssssssssss', 18])]
    #[TestWith(['R4: single crochet in every stitch', 'ssssssssssssssssss', 18])]
    #[TestWith(['R4: 2 sc in each st', 'iiiiiiiiiiiiiiiiii', 36])]
    #[TestWith(['R4: increase around', 'iiiiiiiiiiiiiiiiii', 36])]
    #[TestWith(['R4: inc x18', 'iiiiiiiiiiiiiiiiii', 36])]
    #[TestWith(['R4: inv dec x9', 'vvvvvvvvv', 9])]
    #[TestWith(['R4: invisible decrease around', 'vvvvvvvvv', 9])]
    #[TestWith(['R4: inv. dec 9 times', 'vvvvvvvvv', 9])]
    #[TestWith(['R4: (sc2tog, sc) x6', 'eseseseseses', 12])]
    #[TestWith(['R4: (sc 2 tog) x9 (9)', 'eeeeeeeee', 9])]
    #[TestWith(['R4: 6 sc, inc, sc in next 5 sts, dec, sc in next 4 sts', 'ssssssisssssessss', 18])]
    #[TestWith(['R4: 3 sc, sc around, dec (17)', 'sssssssssssssssse', 17])]
    #[TestWith(['R4: ((sc, inc) x2, sc) x3, 3 sc', 'sisissisissisissss', 24])]
    #[TestWith(['R4: sl st 2, ch 2, sk 2, 6 hdc, 6 dc, 2 tr', 'llcckkhhhhhhddddddtt', 18])]
    #[TestWith(["\u{FEFF}R4\u{2013}4:\u{00A0}(2\u{00A0}sc,\tinc)\u{00A0}\u{00D7}\u{00A0}6\r", 'ssissississississi', 24])]
    #[TestWith(["\u{202B}R4: sc around\u{202C}", 'ssssssssssssssssss', 18])]
    #[TestWith(['R4: with B, Brick red: 4 sc; with A: 14 sc (18)', 'ssssssssssssssssss', 18])]
    public function testReadsARound(string $line, string $codes, int $makes): void
    {
        $reading = Reader::read(['6 sc in MR', 'inc x6', '(sc, inc) x6', $line], Terms::Us);
        if ('' === $codes) {
            self::assertNotSame([], $reading->problems, 'A half-written line is not read without a word.');

            return;
        }
        self::assertSame([], $reading->problems);
        self::assertSame(str_replace(' ', '', $codes), substr($reading->rounds[3]->codes, 0, 40));
        self::assertSame($makes, $reading->rounds[3]->makes);
        self::assertSame(18, $reading->rounds[3]->uses);
    }

    #[TestWith(['6 sc in MR'])]
    #[TestWith(['R1: MR 6'])]
    #[TestWith(['Magic ring, 6 sc (6)'])]
    #[TestWith(['R1: 6 single crochet into a magic ring [6]'])]
    #[TestWith(['Rnd 1: ch 2, 6 sc in 2nd ch from hook (6)'])]
    #[TestWith(['1) ch 2, 6 sc in second chain'])]
    #[TestWith(['Rnd 1 - 6 sc in MR (6)'])]
    #[TestWith(["Rnd 1\u{2013} 6 sc in MR [6]"])]
    public function testBeginsInARingOrInTwoChains(string $line): void
    {
        $reading = Reader::read([$line], Terms::Us);
        self::assertSame([], $reading->problems);
        self::assertSame([0, 6, 'ssssss'], [$reading->rounds[0]->uses, $reading->rounds[0]->makes, $reading->rounds[0]->codes]);
    }

    #[TestWith(['R4-7: sc around', 4])]
    #[TestWith(['Rnds 4–7: sc around', 4])]
    #[TestWith(['Rounds 4 to 7 (4 rounds): sc around', 4])]
    #[TestWith(['R4-R7. 18 sc (18)', 4])]
    #[TestWith(['R4-7 sc around', 4])]
    #[TestWith(['Rounds 4 - 7 sc around', 4])]
    #[TestWith(['R4 - 7: 18 sc', 4])]
    public function testReadsARange(string $line, int $rounds): void
    {
        $reading = Reader::read(['R1: 6 sc in MR', 'R2: inc x6', 'R3: (sc, inc) x6', $line, 'R8: (sc, dec) x6'], Terms::Us);
        self::assertSame([], $reading->problems);
        self::assertCount(3 + $rounds + 1, $reading->rounds);
        self::assertEquals([new RoundRange(1, 1), new RoundRange(2, 2), new RoundRange(3, 3), new RoundRange(4, 7), new RoundRange(8, 8)], $reading->spans);
        self::assertSame(12, $reading->rounds[7]->makes);
    }

    /** UK double crochet is US single, and so on up: common practice, no source. */
    public function testReadsUkWords(): void
    {
        $reading = Reader::read(['7 dc in MR', 'dc, htr, tr, dtr, dc inc, dc2tog around'], Terms::Uk);
        self::assertSame('shdti', substr($reading->rounds[1]->codes, 0, 5));
        $mixed = Reader::read(['6 sc in MR'], Terms::Uk);
        self::assertStringContainsString('US', MessageWords::says($mixed->problems[0]->message).MessageWords::mend($mixed->problems[0]->message));
    }

    /** A ball from 6 with k increase rounds has 3k rounds, 6k at its widest: common practice, no source. */
    #[TestWith([3, 18, 9])]
    #[TestWith([5, 30, 15])]
    #[TestWith([7, 42, 21])]
    public function testTheTradesBalls(int $k, int $widest, int $rounds): void
    {
        $reading = Reader::read(Plans::ball($k), Terms::Us);
        self::assertSame([], $reading->problems);
        self::assertCount($rounds, $reading->rounds);
        $counts = array_map(static fn (Round $round): int => $round->makes, $reading->rounds);
        self::assertNotSame([], $counts);
        self::assertSame($widest, max($counts));
        self::assertSame([6, 6], [$counts[0], end($counts)]);
        self::assertSame(array_sum($counts), $reading->stitches());
    }

    /** An increase round ends on an increase, a decrease round on a decrease: common practice, no source. */
    public function testTheLastStitchOfAShapingRoundShapes(): void
    {
        foreach (Reader::read(Plans::ball(7), Terms::Us)->rounds as $round) {
            if ($round->below > 0 && $round->makes !== $round->below) {
                self::assertSame($round->makes > $round->below ? 'i' : 'e', $round->codes[-1]);
            }
        }
    }

    /** inc in every stitch doubles, dec all round halves: common practice, no source. */
    public function testDoublingAndHalving(): void
    {
        self::assertSame([7, 14, 28, 14, 7], self::counts('7 sc in MR', 'inc around', 'inc around', 'dec around', 'inv dec around'));
    }

    /** A cover from 7 with the odd stitch worked plain has one more in every round: common practice, no source. */
    public function testTheCoverThatBeginsWithSeven(): void
    {
        $piece = self::counts('6 sc in MR', '(sc, inc) x3', '(2 sc, inc) x3', '(3 sc, inc) x3');
        $cover = self::counts('7 sc in MR', '(sc, inc) x3, sc', '(2 sc, inc) x3, sc', '(3 sc, inc) x3, sc');
        self::assertSame([6, 9, 12, 15], $piece);
        self::assertSame(array_map(static fn (int $n): int => $n + 1, $piece), $cover);
    }

    /** @return iterable<string, array{list<string>, int, int, string, string}> lines, line, column, message, mend */
    public static function wrongLines(): iterable
    {
        $three = ['R1: 6 sc in MR', 'R2: inc x6', 'R3: (sc, inc) x6'];
        yield 'one left over' => [
            [...$three, 'R4: (sc, inc) x6, 5 sc'],
            4,
            23,
            'Round 4 uses 17 of the 18 stitches below: 1 left over.',
            'Add 1 sc at the end, or write (2 sc, inc) x6.',
        ];
        yield 'the repeat fits' => [[...$three, 'R4: (sc, inc) x8'], 4, 17, 'uses 16 of the 18 stitches below: 2 left over', '(sc, inc) x9'];
        yield 'too many' => [[...$three, 'R4: (2 sc, inc) x7'], 4, 5, 'Round 4 uses 21 stitches, but round 3 made 18: 3 too many.', '(2 sc, inc) x6'];
        yield 'count' => [[...$three, 'R4: (2 sc, inc) x6 (25)'], 4, 20, 'makes 24 stitches, but the line says 25', '(24)'];
        yield 'unknown word' => [[...$three, 'R4: (2 sc, imc) x6'], 4, 12, '“imc” isn’t a stitch I know', 'inc'];
        yield 'UK word' => [[...$three, 'R4: htr around'], 4, 5, 'UK word', 'UK'];
        yield 'open bracket' => [[...$three, 'R4: (2 sc, inc x6'], 4, 5, 'never closed', ')'];
        yield 'wrong bracket' => [[...$three, 'R4: (2 sc, inc] x6'], 4, 15, 'closed by', ')'];
        yield 'stray bracket' => [[...$three, 'R4: 2 sc, inc) x6'], 4, 14, 'no bracket open', 'open a bracket'];
        yield 'empty bracket' => [[...$three, 'R4: () x6'], 4, 5, 'nothing between', 'stitches of one repeat'];
        yield 'zero' => [[...$three, 'R4: 0 sc'], 4, 5, 'none', 'Leave it out'];
        yield 'negative' => [[...$three, 'R4: sc x-3'], 4, 8, 'cannot be read', ''];
        yield 'a hundred thousand' => [[...$three, 'R4: (sc, inc) x100000'], 4, 16, '2,000', 'Correct'];
        yield 'many small repeats' => [[...$three, 'R4: (((sc x1999) x1999) x1999) x1999'], 4, 7, 'stitches', 'Correct'];
        yield 'nothing' => [[...$three, 'R4:'], 4, 4, 'Round 4 has no stitches.', 'sc around'];
        yield 'emoji' => [[...$three, 'R4: %% sc around'], 4, 5, 'cannot be read', 'Take it out'];
        yield 'no ring' => [['R1: 6 sc'], 1, 5, 'nothing below', '6 sc in MR'];
        yield 'misspelt, without a number' => [['R1: 6 sc in MR', 'wobble x6'], 2, 1, 'isn’t a stitch I know', ''];
        yield 'misspelt, a number and a word alone' => [['R1: 6 sc in MR', '5 scc'], 2, 3, '“scc” isn’t a stitch I know', 'sc'];
        yield 'misspelt, with a count' => [['R1: 6 sc in MR', 'singl around (6)'], 2, 1, 'isn’t a stitch I know', ''];
        yield 'around nothing' => [['R1: sc around'], 1, 5, 'nothing below', '6 sc in MR'];
        yield 'a second ring' => [['R1: 6 sc in MR', 'R2: 12 sc in MR'], 2, 5, 'begins a new piece', 'lines'];
        yield 'a number left out' => [['R1: 6 sc in MR', 'R3: inc x6'], 2, 1, 'says round 3, but it is round 2', 'missing'];
        yield 'backwards' => [['R1: 6 sc in MR', 'R7-4: sc around'], 2, 1, 'backwards', '4-7'];
        yield 'ambiguous number' => [[...$three, 'R4: sc 5 inc, 12 sc'], 4, 5, 'can be read in 2 ways', 'Choose'];
        yield 'two arounds' => [[...$three, 'R4: sc around, inc around'], 4, 16, 'twice', 'how often'];
        yield 'not even' => [[...$three, 'R4: (4 sc, inc) around'], 4, 5, 'do not come out even', 'x3, then 3 plain ones'];
        yield 'around without use' => [[...$three, 'R4: ch around'], 4, 5, 'never end', 'how often'];
        yield 'deep' => [[...$three, 'R4: '.str_repeat('(', 9).'sc'.str_repeat(')', 9)], 4, 13, 'more than 8 brackets', 'fewer'];
        yield 'no stitch left' => [[...$three, 'R4: skip around'], 4, 5, 'makes no stitch', 'at least one'];
    }

    /** @param list<string> $lines */
    #[DataProvider('wrongLines')]
    public function testSaysWhatIsWrongAtItsPlace(array $lines, int $line, int $column, string $message, string $mend): void
    {
        $problem = Reader::read($lines, Terms::Us)->problems[0];
        self::assertStringContainsString($message, MessageWords::says($problem->message));
        self::assertStringContainsString($mend, MessageWords::mend($problem->message));
        self::assertSame([$line, $column], [$problem->line, $problem->column]);
        self::assertSame($line, $problem->round);
    }

    /**
     * Every mend that is offered at once mends what it is offered for.
     *
     * @param list<string> $lines
     */
    #[DataProvider('wrongLines')]
    public function testTheMendsAtOnceMend(array $lines, int $line, int $column, string $message, string $mend): void
    {
        $problem = Reader::read($lines, Terms::Us)->problems[0];
        foreach ($problem->fixes as $fix) {
            $mended = $lines;
            $mended[$line - 1] = $fix->on($lines[$line - 1]);
            $again = Reader::read(array_values($mended), Terms::Us)->problems[0] ?? null;
            self::assertNotSame(MessageWords::says($problem->message), $again?->message, $mended[$line - 1]);
        }
        self::assertLessThanOrEqual(2, \count($problem->fixes));
    }

    /** A maker who reads UK words is advised in them. */
    public function testAdvisesInTheMakersWords(): void
    {
        $of = static fn (string ...$lines): Problem => Reader::read(array_values($lines), Terms::Uk)->problems[0];
        $left = $of('6 dc in MR', 'inc x6', '(dc, inc) x5');
        self::assertSame('Add 2 dc at the end, or write (dc, inc) x6.', MessageWords::mend($left->message));
        self::assertSame([', 2 dc', '(dc, inc) x6'], array_map(static fn (Fix $fix): string => $fix->text, $left->fixes));
        foreach ([
            $of('dc around'),
            $of('6 dc in MR', 'R2:'),
            $of('6 dc in MR', '() x6'),
            $of('6 dc in MR', '5 dc'),
            $of('6 dc in MR', 'R2: wqx'),
            $of('6 dc in MR', 'inc x2, 1 dc'),
        ] as $problem) {
            self::assertDoesNotMatchRegularExpression('/\b(sc|hdc)\b/', MessageWords::says($problem->message).MessageWords::mend($problem->message));
            foreach ($problem->fixes as $fix) {
                self::assertDoesNotMatchRegularExpression('/\b(sc|hdc)\b/', $fix->text);
            }
        }
    }

    public function testMendsAtOnce(): void
    {
        $of = static fn (string $line): array => array_map(
            static fn (Fix $fix): string => $fix->on($line),
            Reader::read(['R1: 6 sc in MR', 'R2: inc x6', 'R3: (sc, inc) x6', $line], Terms::Us)->problems[0]->fixes,
        );
        self::assertSame(['R4: (2 sc, inc) x6 (24)'], $of('R4: (2 sc, inc) x5, 2 sc (24)'));
        self::assertSame(['R4: (2 sc, inc) x6'], $of('R4: (2 sc, imc) x6'));
        self::assertSame(['R4: (2 sc, inc) x6 (24)'], $of('R4: (2 sc, inc) x6 (25)'));
        self::assertSame(['R4: (2 sc, inc) around'], $of('R4: (2 sc, inc'));
    }

    public function testAWrongLineLosesNoOther(): void
    {
        $reading = Reader::read(
            ['R1: 6 sc in MR', 'R2: inc x6 (12)', 'R3: (sc, wobble) x6 (18)', 'R4: (2 sc, inc) x6 (24)', 'R5-6: sc around (24)'],
            Terms::Us,
        );
        self::assertCount(1, $reading->problems);
        self::assertSame([true, true, false, true, true, true], array_map(static fn (Round $round): bool => $round->readable, $reading->rounds));
        self::assertSame([6, 12, 18, 24, 24, 24], array_map(static fn (Round $round): int => $round->makes, $reading->rounds));
    }

    public function testKeepsRemarksAndBlankLines(): void
    {
        $reading = Reader::read(['Float (make 2)', '', 'R1: 6 sc in MR', '# stuff now: dec', 'stuff lightly', 'Yarn: 6 sc of DK', 'R2: inc x6'], Terms::Us);
        self::assertSame([], $reading->problems);
        self::assertEquals([null, null, new RoundRange(1, 1), null, null, null, new RoundRange(2, 2)], $reading->spans);
    }
}
