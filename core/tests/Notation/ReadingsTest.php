<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\AddYarn;
use Alternum\Core\Edit\ApplySetting;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Notation\Parser;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\AskedReading;
use Alternum\Core\Plan\Fix;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Setting;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Plan\Yarn;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Lines that can be read in several ways: arithmetic decides, and where it does not, the maker is asked. */
final class ReadingsTest extends TestCase
{
    private static function on(int $below, string $line, Worked $worked = Worked::Spiral): Reading
    {
        return Reader::read(["{$below} sc in MR", $line], Terms::Us, $worked);
    }

    /** Each worked out by hand: what the list, and what its last stitch alone, would use and make. */
    #[TestWith([12, 'sc, inc x6 (18)', 'sisisisisisi'])]
    #[TestWith([7, 'sc, inc x6', 'siiiiii'])]
    #[TestWith([12, 'sc, inc around', 'sisisisisisi'])]
    #[TestWith([12, '(2 sc dec) around', 'ssessesse'])]
    #[TestWith([6, '(sc inc) x3', 'sisisi'])]
    #[TestWith([6, 'sc inc x6', 'iiiiii'])]
    #[TestWith([12, '2 hdc, sc to end', 'hhssssssssss'])]
    #[TestWith([12, '11 sc, sl st', 'sssssssssssl'])]
    #[TestWith([6, 'inc (12)', 'iiiiii'])]
    #[TestWith([6, '6A, 6B', ''])]
    public function testArithmeticDecides(int $below, string $line, string $codes): void
    {
        $reading = self::on($below, $line);
        if ('' === $codes) {
            self::assertNotSame([], $reading->errors());

            return;
        }
        self::assertSame([[], $codes], [$reading->problems, $reading->rounds[1]->codes]);
    }

    /** "sc 5 inc" may be five sc and an inc, or one sc and five inc: both use six. */
    public function testAsksWhereItDoesNotDecide(): void
    {
        $problem = self::on(6, 'sc 5 inc')->problems[0];
        self::assertTrue($problem->isError());
        self::assertEquals([new AskedReading('5 sc, inc', 7), new AskedReading('sc, inc x5', 11)], $problem->readings);
        foreach ($problem->fixes as $i => $fix) {
            $taken = self::on(6, $fix->on('sc 5 inc'));
            self::assertSame([[], $problem->readings[$i]->makes], [$taken->problems, $taken->rounds[1]->makes]);
        }
        self::assertSame([], self::on(6, 'sc 5 inc (11)')->problems, 'The count decides.');
        self::assertSame(11, self::on(6, 'sc 5 inc (11)')->rounds[1]->makes);
    }

    /** What only looks like a round, or does not say how many, is told; nothing is lost without a word. */
    #[TestWith(['R2: shell st in next', true, 'Round 2 has no stitches: “shell st in next” is taken for something to do.'])]
    #[TestWith(['R2-3: rest a while (12)', true, 'Round 2 has no stitches: “rest a while” is taken for something to do.'])]
    #[TestWith(['work even', true, 'It does not say for how many rounds.'])]
    #[TestWith(['continue increasing', true, 'No round before this grows or shrinks, so it is not clear by how many.'])]
    #[TestWith(['sc around (leave some sts unworked)', false, 'It says that stitches are left, but this works into all 12.'])]
    #[TestWith(['sc around, ch 2, slst in first st, ch 1', true, 'Round 2 begins a new piece.'])]
    #[TestWith(['sc around. 11 sc', true, 'Round 2 makes 12 stitches, but the line says 11.'])]
    #[TestWith(['sc around - 11 sc', true, 'Round 2 makes 12 stitches, but the line says 11.'])]
    #[TestWith(['sk 1, sc 1 around', true, 'This can be read in 2 ways, which make 11 or 6.'])]
    public function testNothingPassesWithoutAWord(string $line, bool $isError, string $message): void
    {
        $problem = self::on(12, $line)->problems[0];
        self::assertSame([$isError, $message], [$problem->isError(), MessageWords::says($problem->message)]);
    }

    public function testContinueAfterShapingSaysWhatItWasTakenFor(): void
    {
        $reading = Reader::read(['6 sc in MR', 'inc x6', 'R3: continue', 'R4: continue (24)'], Terms::Us);
        self::assertSame(
            [6, 12, 12, 24],
            array_map(
                static fn (Round $round): int => $round->makes,
                Reader::read(['6 sc in MR', 'inc x6', 'R3: continue', 'R4: inc around (24)'], Terms::Us)->rounds,
            ),
        );
        self::assertSame(
            [false, 'This is taken as plain rounds, one stitch in each.'],
            [$reading->problems[0]->isError(), MessageWords::says($reading->problems[0]->message)],
        );
        self::assertSame(
            [],
            Reader::read(['6 sc in MR', 'inc x6', '(sc, inc) x6', 'R4: continue in pattern (24)'], Terms::Us)->problems,
            'The count says that it grows on.',
        );
    }

    /** A round that names no ring can be put into one at a click. */
    public function testARoundWithoutARingIsMended(): void
    {
        $problem = Reader::read(['R1: 6 sc (6)'], Terms::Us)->problems[0];
        self::assertSame('R1: 6 sc in MR (6)', $problem->fixes[0]->on('R1: 6 sc (6)'));
    }

    /** By hand: a chain of four worked back along three chains stands out; the round goes on in the eight stitches below. */
    public function testStitchesAlongAChainStandOut(): void
    {
        $leaf = self::on(8, '(ch 4, sc in 2nd ch from hook and next 2, sc in next st) x8');
        self::assertSame([8, 8, 'nnnnppps'], [$leaf->rounds[1]->uses, $leaf->rounds[1]->makes, substr($leaf->rounds[1]->codes, 0, 8)]);
        self::assertSame([false], array_map(static fn (Problem $problem): bool => $problem->isError(), $leaf->problems));
        $plan = Plans::of(['8 sc in MR', '(ch 4, sc in 2nd ch from hook, sc in next 2 ch, sc in next st) x8']);
        $bare = Plans::of(['8 sc in MR', 'sc around']);
        $yarn = static fn (\Alternum\Core\Plan\Plan $of): float => Analysis::of($of)->amounts->amounts[0]->metres();
        // Four chains at 0.5 and three single crochet, eight times, against sixteen single crochet and their tails: more than double.
        self::assertGreaterThan(1.5 * $yarn($bare), $yarn($plan), 'What stands out takes its yarn.');
        $star = self::on(15, '*ch 4, sl st in 2nd ch from hook, sc in next ch, hdc in next ch, sk 2 sts, sl st in next st; rep from * 4 more times');
        self::assertSame([[], 15, 5], [$star->errors(), $star->rounds[1]->uses, $star->rounds[1]->makes]);
    }

    /** A decrease round that does not come out even is finished with plain sc (common practice, no source): worth knowing, no mistake. */
    public function testARepeatThatDoesNotComeOutEvenIsANote(): void
    {
        foreach (['dec around', 'dec around (8)'] as $line) {
            $reading = self::on(15, $line);
            self::assertSame([[], 8], [$reading->errors(), $reading->rounds[1]->makes]);
            self::assertCount(1, $reading->problems);
        }
        self::assertNotSame([], self::on(15, 'dec around (7)')->errors());
    }

    public function testAJoinedTextInASpiralIsTold(): void
    {
        $lines = ['R1: 6 sc in MR, sl st to first sc (6)', 'R2: ch 1, inc x6, sl st to first sc (12)', 'R3: ch 1, sc around, sl st to first sc (12)'];
        $problem = Reader::read($lines, Terms::Us)->problems[0];
        self::assertSame([false, Setting::WorkedJoined], [$problem->isError(), $problem->setting]);
        // One line may close many rounds; here and there one that is closed, as at a colour change, joins no rounds.
        $range = ['R1: 6 sc in MR', 'R2: inc x6', 'R3-8: ch 1, sc around, sl st to first sc'];
        self::assertSame([Setting::WorkedJoined], array_map(static fn (Problem $one): ?Setting => $one->setting, Reader::read($range, Terms::Us)->problems));
        $few = ['R1: 6 sc in MR', 'R2: inc x6', 'R3: sc around, sl st to first sc', 'R4-7: sc around', 'R8: sc around, sl st to first sc'];
        self::assertSame([], Reader::read($few, Terms::Us)->problems);
        $plan = (new ApplySetting('body', Setting::WorkedJoined))->apply(Plans::of($lines));
        self::assertSame([Worked::Joined, []], [$plan->pieces[0]->worked, Analysis::of($plan)->problems]);
        $circle = Plans::of(['R1: 6 dc in MR', 'R2: inc x6', 'R3: (dc, inc) x6', 'R4: (2 dc, inc) x6', 'R5: dc around']);
        self::assertSame(Setting::TermsUk, Analysis::of($circle)->problems[0]->setting);
        self::assertSame(Terms::Uk, (new ApplySetting('body', Setting::TermsUk))->apply($circle)->terms);
    }

    /** No figure, however long, ends the process, and none is taken that a round cannot hold. */
    #[TestWith(['sc in 100000000th st'])]
    #[TestWith(['sc in 99999999999999999999 sts'])]
    #[TestWith(['99999999999999999999 sc'])]
    #[TestWith(['(sc) x99999999999999999999'])]
    #[TestWith(['sc in 100000th ch from hook'])]
    #[TestWith(['repeat round 1 99999999999 times'])]
    #[TestWith(['inc in every 1000000th st'])]
    #[TestWith(['work 99999999 rounds even'])]
    #[TestWith(['((((((((sc x1999) x1999) x1999) x1999) x1999) x1999) x1999) x1999)'])]
    public function testAllFiguresAreBounded(string $line): void
    {
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $reading = self::on(6, $line);
        self::assertNotSame([], $reading->errors(), $line);
        self::assertLessThan(16_000_000, memory_get_peak_usage() - $before);
    }

    public function testALongLineIsReadInFewWays(): void
    {
        $lines = Parser::of(Terms::Us)->line(mb_substr(str_repeat('sc inc, sl st, ch 1, ', 90), 0, 2000))->lines;
        self::assertLessThanOrEqual(3, \count($lines));
        self::assertGreaterThan(1, \count(Parser::of(Terms::Us)->line('sc, inc x6')->lines));
    }

    /** "cut A, join B": what the words say becomes of the old yarn is kept for the change. */
    public function testTheWayOfJoiningIsKept(): void
    {
        $fates = static fn (string $end): array => array_map(
            static fn (Change $change): OldYarn => $change->yarns->old,
            Analysis::of(Plans::of(['R1: 6 sc in MR', "R2: inc x6{$end}", 'R3: sc around', 'R4: with A: sc around']))->pieces[0]->changes->all,
        );
        self::assertSame([OldYarn::Carry, OldYarn::Cut], $fates(', change to B'));
        self::assertSame([OldYarn::Cut, OldYarn::Cut], $fates(', cut A and join B'));
        self::assertSame([OldYarn::Cut, OldYarn::Cut], $fates('. Fasten off A and attach B.'));
    }

    public function testAYarnThatIsMissingIsAdded(): void
    {
        $plan = Plans::of(['6 sc in MR', 'with dark green: sc around']);
        $problem = Analysis::of($plan)->problems[0];
        self::assertSame(['dark green', true], [$problem->newYarn, $problem->isError()]);
        $added = (new AddYarn('dark green'))->apply($plan);
        $yarn = $added->yarns[\count($added->yarns) - 1];
        self::assertSame(['Dark green', []], [$yarn->name, Analysis::of($added)->problems]);
        self::assertSame(str_repeat($yarn->key, 6), Analysis::of($added)->pieces[0]->stages->colouring->rounds[1]);
        $many = $plan->withYarns(array_map(
            static fn (string $key): Yarn => new Yarn($key, "Yarn {$key}", '#123456', $plan->yarns[0]->weight, 250.0),
            range('A', 'X'),
        ));
        $this->expectException(EditRefused::class);
        (new AddYarn('lime'))->apply($many);
    }

    /** A slip of the pen is guessed at only from near by. */
    #[TestWith(['R2: (sc, imc) x3', 'inc'])]
    #[TestWith(['R2: sc arround', 'around'])]
    #[TestWith(['R2: (sc, wibble) x3', null])]
    #[TestWith(['R2: xy around', null])]
    public function testGuessesOnlyFromNearBy(string $line, ?string $near): void
    {
        $fixes = self::on(6, $line)->problems[0]->fixes;
        self::assertSame(null === $near ? [] : ["Write {$near}"], array_map(static fn (Fix $fix): string => MessageWords::says($fix->label), $fixes));
    }

    /** For an off-by-one it is said where the repeat breaks, worked out by hand. */
    public function testSaysWhereARepeatBreaks(): void
    {
        self::assertStringStartsWith(
            'Repeat 6 finds 2 of the 3 stitches that it uses.',
            MessageWords::mend(self::on(17, '(2 sc, inc) x6')->problems[0]->message),
        );
        self::assertStringStartsWith('It fits 6 times, not 7.', MessageWords::mend(self::on(18, '(2 sc, inc) x7')->problems[0]->message));
    }
}
