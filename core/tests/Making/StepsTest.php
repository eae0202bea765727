<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Making\Segment;
use Alternum\Core\Making\Segments;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Round;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\WrittenSteps;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** @phpstan-import-type WrittenStep from StepsWriter */
final class StepsTest extends TestCase
{
    private const BALL = ['R1: 6 sc in MR', 'R2: inc x6', 'R3: (sc, inc) x6', 'R4: sc around', 'R5: 18 sc', 'R6: sc around', 'R7: (sc, dec) x6'];

    /**
     * @param list<string>               $rounds
     * @param list<array<string, mixed>> $colours
     * @param array<string, mixed>       $piece
     *
     * @return list<WrittenStep> its rounds
     */
    private static function steps(array $rounds, array $colours = [], array $piece = [], Terms $terms = Terms::Us): array
    {
        return WrittenSteps::rounds(Plans::of($rounds, $colours, $piece), $terms);
    }

    /**
     * @param list<array{text: string}> $steps
     *
     * @return list<string>
     */
    private static function texts(array $steps): array
    {
        return array_column($steps, 'text');
    }

    public function testGathersRoundsThatAreAlike(): void
    {
        self::assertSame(
            ['R1: with A Chalk: 6 sc in MR (6)', 'R2: inc x6 (12)', 'R3: (sc, inc) x6 (18)', 'R4-6: sc around (18)', 'R7: (sc, dec) x6 (12)'],
            self::texts(self::steps(self::BALL)),
        );
        self::assertSame('R7: (dc, dec) x6 (12)', self::texts(self::steps(self::BALL, terms: Terms::Uk))[4]);
    }

    /** The same stitches worked into another number below are another round: five into a ring, then five around. */
    public function testARingIsNotGatheredWithTheRoundOnIt(): void
    {
        self::assertSame(['R1: with A Chalk: 5 sc in MR (5)', 'R2-3: 5 sc (5)'], self::texts(self::steps(['5 sc in MR', '5 sc', '5 sc'])));
    }

    public function testNamesAYarnWhereItComesIn(): void
    {
        $steps = self::steps(self::BALL, [Plans::stripes(4, 5, [['B', 2]])]);
        self::assertSame(
            ['R4-5: with B Brick: sc around; change to A at end of R5, cut B (18)', 'R6: with A Chalk: sc around (18)', 'R7: (sc, dec) x6 (12)'],
            \array_slice(self::texts($steps), 3),
        );
        self::assertSame([['A'], ['A'], ['A'], ['B'], ['A'], ['A']], array_column($steps, 'yarns'));
    }

    public function testTellsAChangeWhereItComes(): void
    {
        $told = WrittenSteps::told(Plans::of(self::BALL, [Plans::stripes(4, 5, [['B', 2]])]), 'change');
        self::assertSame([3, 5], array_keys($told));
        self::assertStringContainsString('At stitch 18: work the last sc in A (Chalk)', $told[3][0]);
        self::assertStringContainsString('Leave A hanging inside; pick it up again in round 6', $told[3][0]);
        self::assertStringContainsString('Cut B', $told[5][0]);
    }

    public function testPartsARoundWhereTheYarnChanges(): void
    {
        $steps = self::steps(self::BALL, [['kind' => 'run', 'round' => 3, 'from' => 3, 'to' => 5, 'yarn' => 'B']]);
        self::assertStringStartsWith(
            'R3: sc; inc: first sc with A, second with B; sc; inc: first sc with B, second with A; (sc, inc) x4 (18)',
            self::texts($steps)[2],
        );
        $whole = self::steps(self::BALL, [['kind' => 'run', 'round' => 3, 'from' => 4, 'to' => 6, 'yarn' => 'B']]);
        self::assertStringStartsWith('R3: sc, inc; with B Brick: sc, inc; with A Chalk: (sc, inc) x4 (18)', self::texts($whole)[2]);
    }

    /** By hand: sc inc sc inc, six tops, of which the third to fifth are in B. */
    public function testSegments(): void
    {
        self::assertEquals([new Segment('A', 0, 1), new Segment('AB', 1, 1), new Segment('B', 2, 1), new Segment('BA', 3, 1)], Segments::of('sisi', 'AABBBA'));
        self::assertEquals([new Segment('A', 0, 3)], Segments::of('sks', 'AA'));
    }

    /**
     * A picture's yarn is told of on its way in and on its way back, before its round is worked; of more short floats in the same round none is.
     * Common practice, no source.
     */
    public function testTellsOfAYarnThatIsBroughtBackInTheNextRound(): void
    {
        $run = static fn (int $round): array => ['kind' => 'run', 'round' => $round, 'from' => 8, 'to' => 10, 'yarn' => 'B'];
        $told = WrittenSteps::told(Plans::of(self::BALL, [$run(4), $run(5)]), 'change');
        self::assertSame([4 => 2, 5 => 2], array_map(count(...), $told));
        self::assertStringStartsWith('In round 4, at stitch 7: work the last sc in A', $told[4][0]);
        self::assertStringContainsString('Carry A loosely across the inside; it comes back at stitch 11 of round 4.', $told[4][0]);
        self::assertStringContainsString('Leave B hanging inside; in round 5 pick it up at stitch 8, with a stitch of slack.', $told[4][1]);
        self::assertStringContainsString('Cut B', $told[5][1]);
        $kinds = array_column(WrittenSteps::all(Plans::of(self::BALL, [$run(4), $run(5)])), 'kind', 'key');
        self::assertLessThan(array_search('work-rounds.4', array_keys($kinds), true), array_search('change-yarn.4.7.AB', array_keys($kinds), true));
    }

    /** The maker’s own words stand there, in the pattern too, and it is told that they could not be read. */
    public function testSaysWhatCouldNotBeRead(): void
    {
        $step = self::steps(['6 sc in MR', 'wobble x6'])[1];
        self::assertSame(['wobble x6', 'This line could not be read: plain stitches stand in for it.'], [$step['text'], $step['trouble']]);
        self::assertStringContainsString("\nwobble x6\n", WrittenPattern::text(Analysis::of(Plans::of(['6 sc in MR', 'wobble x6'])), Terms::Us));
    }

    /** The maker stops short for a change: it is said with the stitches. */
    public function testTheGroupsSayTheChangeBeforeItsStitchIsDone(): void
    {
        $steps = self::steps(self::BALL, [Plans::stripes(4, 5, [['B', 2]])]);
        self::assertSame('(sc, inc) x6; attach B in last st, keep A', $steps[2]['groups'][0]['text'] ?? '');
        self::assertSame('sc around; change to A at end of R5, cut B', $steps[3]['groups'][0]['text'] ?? '');
    }

    /** Lengths in the maker’s units: the inch is 25.4 mm exactly. */
    public function testTailsInInches(): void
    {
        $plan = Plans::of(self::BALL, [Plans::stripes(4, 7, [['B', 4]])], [], ['units' => 'imperial']);
        self::assertStringContainsString('leaving 6 in', WrittenSteps::told($plan, 'change')[3][0]);
    }

    /** A ring in two colours is still a ring, and one loop is still one loop: read back as written. */
    public function testARoundInTwoColoursKeepsItsRingAndItsLoops(): void
    {
        $lines = ['6 sc in MR', 'inc in BLO x6', 'sc around in FLO'];
        $steps = self::texts(self::steps(
            $lines,
            [['kind' => 'run', 'round' => 1, 'from' => 4, 'to' => 6, 'yarn' => 'B'], ['kind' => 'run', 'round' => 3, 'from' => 3, 'to' => 5, 'yarn' => 'B']],
        ));
        self::assertSame('R1: into MR, with A Chalk: 3 sc; with B Brick: 3 sc; change to A in last st, keep B (6)', $steps[0]);
        self::assertSame('R3: 2 sc in FLO; with B Brick: 3 sc in FLO; with A Chalk: 7 sc in FLO (12)', $steps[2]);
        $read = static fn (array $lines): array => array_map(
            static fn (Round $round): array => [$round->codes, $round->loops, $round->makes],
            Reader::read(array_values(array_filter($lines, is_string(...))), Terms::Us)->rounds,
        );
        self::assertSame($read($lines), $read($steps));
        $oval = self::texts(self::steps(
            ['ch 5, sc in 2nd ch from hook, 2 sc, 3 sc in last ch, 2 sc, inc'],
            [['kind' => 'run', 'round' => 1, 'from' => 1, 'to' => 4, 'yarn' => 'B']],
        ));
        self::assertStringStartsWith(
            'R1: ch 5, starting in 2nd ch from hook, with B Brick: 3 sc; 3 sc in next st: first sc with B, the others with A; 2 sc, inc (10)',
            $oval[0],
        );
    }

    /** Every stitch of those that go into one has its own yarn, and is read back with it. */
    #[TestWith(['BAA', 'first sc with B, the others with A'])]
    #[TestWith(['BBA', 'first sc with B, second with B, third with A'])]
    #[TestWith(['BAB', 'first sc with B, second with A, third with B'])]
    #[TestWith(['ABAA', 'first sc with A, second with B, the others with A'])]
    public function testAStitchOfSeveralYarnsNamesEach(string $yarns, string $words): void
    {
        $lines = ['6 sc in MR', \strlen($yarns).' sc in next st, 5 sc'];
        $runs = [];
        foreach (str_split($yarns) as $i => $yarn) {
            $runs[] = ['kind' => 'run', 'round' => 2, 'from' => $i + 1, 'to' => $i + 1, 'yarn' => $yarn];
        }
        $texts = self::texts(self::steps($lines, $runs));
        self::assertStringContainsString(\strlen($yarns)." sc in next st: {$words};", $texts[1]);
        $again = Analysis::of(Plans::of($texts))->pieces[0];
        self::assertSame([], $again->stages->reading->problems);
        self::assertSame($yarns, substr($again->stages->colouring->rounds[1], 0, \strlen($yarns)));
    }

    /** The last round is joined once: with the needle, also where it is told together with others. */
    public function testWhatTheNeedleJoinsIsNotJoinedBefore(): void
    {
        $finish = ['worked' => 'joined', 'finish' => ['end' => 'needle-join']];
        $told = static fn (string $line): string => self::texts(self::steps(['6 sc in MR', 'inc x6', $line], [], $finish))[2];
        self::assertSame('R3: sc around (12)', $told('sc around'));
        self::assertSame('R3-5: sc around (12), join all but the last with sl st in first st', $told('R3-5: sc around'));
    }

    /** The chain that lifts the hook is worked, so it is written; how a joined round is closed, too. */
    public function testWritesTurningChainsAndSeams(): void
    {
        $rows = self::texts(self::steps(['Row 1: ch 9', 'sk 1, 8 sc', 'ch 1, turn, 8 sc', 'sc across, ch 1, turn'], [], ['worked' => 'rows']));
        self::assertSame(['Row 3: ch 1, turn, 8 sc (8)', 'Row 4: ch 1, turn, sc across, ch 1 (8)'], \array_slice($rows, 2));
        $joined = self::texts(self::steps(
            ['6 dc in MR', 'ch 3, 5 dc'],
            [['kind' => 'run', 'round' => 2, 'from' => 4, 'to' => 6, 'yarn' => 'B']],
            ['worked' => 'joined', 'chainCounts' => true, 'closing' => 'back-loop'],
        ));
        self::assertSame('R2: ch 3, 2 dc; with B Brick: 3 dc (6), join with sl st in back loop of first st', $joined[1]);
        $again = Reader::read($joined, Terms::Us, Worked::Joined, chainCounts: true);
        self::assertSame([[], 'dddddd'], [$again->problems, $again->rounds[1]->codes]);
    }

    /** What is read at arm's length has the turn, the lifting chain and the closing too. */
    public function testTheGroupsHaveWhatBeginsAndEndsARound(): void
    {
        $rows = self::steps(['Row 1: ch 9', 'sk 1, 8 sc', 'ch 1, turn, 8 sc'], [['kind' => 'run', 'round' => 3, 'from' => 4, 'to' => 8, 'yarn' => 'B']], [
            'worked' => 'rows',
        ]);
        self::assertSame([['yarn' => 'A', 'text' => 'ch 1, turn, 3 sc'], ['yarn' => 'B', 'text' => '5 sc']], $rows[2]['groups'] ?? []);
        $joined = self::steps(['6 dc in MR', 'ch 3, dc inc around'], [], ['worked' => 'joined']);
        self::assertSame('ch 3, dc inc around, join with sl st in first st', $joined[1]['groups'][0]['text'] ?? '');
    }
}
