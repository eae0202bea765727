<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Analysis;
use Alternum\Core\Notation\Closed;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Notation\WorkedInto;
use Alternum\Core\Notation\YarnNames;
use Alternum\Core\Notation\YarnStretch;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Plan\Layer\RoundRange;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\WeightCategory;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Plan\Yarn;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What stitches are worked into besides the round below: both sides of a chain, both sides at once, chains that count. */
final class GroundTest extends TestCase
{
    /** @return list<array{string|null, int}> */
    private static function runs(Reading $reading, int $round): array
    {
        return array_map(static fn (YarnStretch $run): array => [$run->yarn, $run->tops], $reading->yarns()[$round]);
    }

    /**
     * By hand: six chains, the first skipped, leave five places; four more come on the way back, the first chain among them. With both of
     * its stitches worked at the beginning it is not come back to: three on the way back.
     */
    #[TestWith(['ch 6, sc in 2nd ch from hook, sc in next 3 ch, 3 sc in last ch, on the other side of the chain: sc in next 3 ch, inc in last ch', 9, 12])]
    #[TestWith(['ch 6, starting in 2nd ch from hook: inc, 3 sc, 4 sc in last ch, 3 sc', 8, 12])]
    #[TestWith(['ch 8, hdc in 3rd ch from hook, 4 hdc, 3 hdc in next ch, 4 hdc, hdc inc', 11, 14])]
    public function testAnOvalGoesAlongBothSidesOfAChain(string $line, int $places, int $makes): void
    {
        $reading = Reader::read([$line, 'sc around'], Terms::Us);
        self::assertSame([], $reading->problems);
        self::assertSame([$places, $places, $makes], [$reading->rounds[0]->below, $reading->rounds[0]->uses, $reading->rounds[0]->makes]);
        self::assertSame($makes, $reading->rounds[1]->uses);
    }

    public function testAnOvalsPlacesAreChecked(): void
    {
        $short = Reader::read(['ch 6, sc in 2nd ch from hook, 3 sc, 3 sc in last ch'], Terms::Us)->problems;
        self::assertSame('Round 1 uses 5 of the 9 places along both sides of the chain: 4 left over.', MessageWords::says($short[0]->message));
        $long = Reader::read(['ch 6, sc in 2nd ch from hook, 12 sc'], Terms::Us)->problems;
        self::assertSame('Round 1 uses 13 stitches, but there are 9 places along both sides of the chain: 4 too many.', MessageWords::says($long[0]->message));
        self::assertStringContainsString('begins', MessageWords::says(Reader::read(['6 sc in MR', 'into MR: 6 sc'], Terms::Us)->problems[0]->message));
    }

    /** An oval's edge is as long as its chain is around, so its first round lies flat and is no ruffle. */
    public function testAnOvalLiesFlat(): void
    {
        $analysis = Analysis::of(Plans::of([
            'ch 10, starting in 2nd ch from hook: 8 sc, 3 sc in next ch, 7 sc, inc',
            'inc, 7 sc, inc x3, 7 sc, inc x2',
            'R3-8: sc around',
        ]));
        self::assertSame([], $analysis->problems);
        $courses = $analysis->pieces[0]->stages->fabric->rounds;
        self::assertSame([20, 26, 26], [$courses[0]->makes, $courses[1]->makes, $courses[7]->makes]);
        self::assertFalse($courses[0]->ruffles);
    }

    /** By hand: nine stitches close eighteen, and eight seventeen, as one lies in the fold. */
    public function testClosesFlatAcrossBothSides(): void
    {
        $closed = Analysis::of(Plans::of(['18 sc in MR', 'R2-6: sc around', 'fold flat, 9 sc through both sides (9)']));
        self::assertSame([], $closed->problems);
        $round = $closed->pieces[0]->stages->reading->rounds[6];
        self::assertSame([18, 9], [$round->uses, $round->makes]);
        $courses = $closed->pieces[0]->stages->fabric->rounds;
        self::assertFalse($courses[6]->ruffles);
        self::assertSame($courses[5]->start, $courses[6]->start, 'A flat edge is not turned against the round below.');
        self::assertSame(6, $closed->pieces[0]->stages->form->lastReach);
        $odd = Reader::read(['17 sc in MR', 'sc through both layers across'], Terms::Us);
        self::assertSame([[], 17, 8], [$odd->problems, $odd->rounds[1]->uses, $odd->rounds[1]->makes]);
        $plain = Reader::read(['17 sc in MR', '(sc, inc) around'], Terms::Us)->problems[0];
        self::assertStringContainsString('17 stitches below do not come out even', MessageWords::says($plain->message));
        self::assertFalse($plain->isError(), 'A repeat that is finished with plain stitches is only worth knowing.');
        self::assertStringContainsString(
            'through both sides is not known',
            MessageWords::says(Reader::read(['18 sc in MR', '9 hdc through both sides'], Terms::Us)->problems[0]->message),
        );
    }

    /** The chain that counts stands for a stitch of its height: 1 sc, 2 hdc, 3 dc (common practice, no source). */
    public function testAChainThatCounts(): void
    {
        $read = static fn (bool $counts, string ...$lines): Reading => Reader::read(array_values($lines), Terms::Us, Worked::Joined, chainCounts: $counts);
        $counted = $read(true, '12 dc in MR', 'ch 3, dc in same st, 2 dc in each of next 11 sts');
        self::assertSame([[], 24], [$counted->problems, $counted->rounds[1]->makes], 'The chain stands in the first stitch; the next goes there too.');
        $counted = $read(true, '12 dc in MR', 'ch 3, 11 dc (12)', 'ch 2, hdc around (12)');
        self::assertSame([], $counted->problems);
        self::assertSame(['dddddddddddd', 'hhhhhhhhhhhh'], [$counted->rounds[1]->codes, $counted->rounds[2]->codes]);
        self::assertTrue($read(false, '12 dc in MR', 'ch 3, 11 dc')->rounds[1]->chainIsFirst, 'It uses all stitches only where the chain is one.');
        self::assertStringContainsString('uses 11 of the 12', MessageWords::says($read(false, '12 sc in MR', 'ch 1, 11 sc')->problems[0]->message));
        self::assertSame([], $read(false, '12 dc in MR', 'ch 3, 12 dc')->problems);
        $rows = Reader::read(['Row 1: ch 10', '10 sc, ch 3, turn', '9 dc (10)'], Terms::Us, Worked::Rows, chainCounts: true);
        self::assertSame([[], 'dddddddddd'], [$rows->problems, $rows->rounds[2]->codes]);
        self::assertSame('ssssss', Reader::read(['6 sc in MR', 'sc around'], Terms::Us, Worked::Spiral, chainCounts: true)->rounds[1]->codes);
    }

    /** @param list<array{string|null, int}> $runs */
    #[TestWith(['with Flag red: sc around', [['B', 6]], null])]
    #[TestWith(['Flag red: 3 sc, chalk: 3 sc', [['B', 3], ['A', 3]], null])]
    #[TestWith(['3 sc in A, 3 sc in flag red', [['A', 3], ['B', 3]], null])]
    #[TestWith(['3 sc, change to colour B, 3 sc', [[null, 3], ['B', 3]], null])]
    #[TestWith(['[Flag red] 3 sc, [A] 3 sc', [['B', 3], ['A', 3]], null])]
    #[TestWith(['sc around, change to flag red', [[null, 6]], 'B'])]
    #[TestWith(['sc around (6). Change to B.', [[null, 6]], 'B'])]
    public function testYarnsAreNamedInManyWays(string $line, array $runs, ?string $then): void
    {
        $yarns = YarnNames::of([new Yarn('A', 'Chalk', '#ffffff', WeightCategory::Dk, 250.0), new Yarn('B', 'Flag red', '#ff0000', WeightCategory::Dk, 250.0)]);
        $reading = Reader::read(['6 sc in MR', $line], Terms::Us, yarns: $yarns);
        self::assertSame([], $reading->problems);
        self::assertSame([$runs, $then], [self::runs($reading, 1), $reading->rounds[1]->nextYarn?->yarn]);
        self::assertSame(6, $reading->rounds[1]->makes);
    }

    /** A name that is no yarn's is told, at its place, and the stitches are read all the same. */
    public function testAnUnknownYarnIsTold(): void
    {
        $reading = Reader::read(
            ['6 sc in MR', 'with lime: sc around'],
            Terms::Us,
            yarns: YarnNames::of([new Yarn('A', 'Chalk', '#ffffff', WeightCategory::Dk, 250.0)]),
        );
        self::assertSame('“lime” is the name of no yarn of this plan.', MessageWords::says($reading->problems[0]->message));
        self::assertSame([2, 6], [$reading->problems[0]->line, $reading->problems[0]->column]);
        $after = Reader::read(['6 sc in MR', 'sc around in gloop'], Terms::Us)->problems[0];
        self::assertSame(
            ['“gloop” is neither a yarn that is known here nor something to work into.', 14, []],
            [MessageWords::says($after->message), $after->column, $after->fixes],
        );
        self::assertSame([['lime green', 6]], self::runs(Reader::read(['6 sc in MR', 'sc around in lime green'], Terms::Us), 1));
        $changed = Reader::read(
            ['6 sc in MR', '3 sc, change to lime green, 3 sc'],
            Terms::Us,
            yarns: YarnNames::of([new Yarn('A', 'Chalk', '#ffffff', WeightCategory::Dk, 250.0)]),
        );
        self::assertSame(
            ['“lime green” is the name of no yarn of this plan.', 'ssssss'],
            [MessageWords::says($changed->problems[0]->message), $changed->rounds[1]->codes],
        );
        self::assertTrue($reading->rounds[1]->isComplete());
        self::assertSame([], Reader::read(['6 sc in MR', 'with lime: sc around'], Terms::Us)->problems, 'Words alone know no names.');
    }

    /** By hand: an increase's two tops stand in one stitch, a decrease's one in two; a chain in none. */
    public function testWhatAStitchIsWorkedInto(): void
    {
        $reading = Reader::read(['6 sc in MR', '(sc, inc) x3', '2 sc in BLO, dec, ch 1, sk 1, 4 sc', 'sc around'], Terms::Us);
        self::assertSame([], $reading->problems);
        $says = static fn (int $round, int $top): ?string => WorkedInto::of($reading->rounds[$round - 1], $top)?->inWords(
            $reading->rounds[$round - 1],
            Vocabulary::of(Terms::Us),
        );
        self::assertSame(
            ['sc into stitch 1 of round 1', 'inc into stitch 2 of round 1', 'inc into stitch 2 of round 1', 'sc into stitch 3 of round 1'],
            array_map(static fn (int $top): ?string => $says(2, $top), [1, 2, 3, 4]),
        );
        self::assertSame(
            ['sc in BLO into stitch 2 of round 2', 'dec into stitches 3 to 4 of round 2', 'ch, into nothing', 'sc into stitch 6 of round 2'],
            array_map(static fn (int $top): ?string => $says(3, $top), [2, 3, 4, 5]),
        );
        self::assertSame('sc into the beginning', $says(1, 6));
        self::assertNull($says(1, 7));
        self::assertNull($says(1, 0));
    }

    /**
     * A cord, a strap, a loop: a chain that nothing is worked into is a piece of its own, and closes where it is said to; where something is
     * worked into it, it is what the first round stands on, as ever.
     */
    public function testAChainAloneIsAPiece(): void
    {
        $cord = Reader::read(['ch 20'], Terms::Us, Worked::Rows);
        self::assertSame([str_repeat('c', 20), 20, null], [$cord->rounds[0]->codes, $cord->rounds[0]->makes, $cord->rounds[0]->closed]);
        $loop = Reader::read(['# a loop', 'With B', 'ch 20, sl st in first ch'], Terms::Us);
        self::assertSame([20, Closed::ToFirst, []], [$loop->rounds[0]->makes, $loop->rounds[0]->closed, $loop->problems]);
        self::assertEquals([null, null, new RoundRange(1, 1)], $loop->spans);
        $row = Reader::read(['ch 20', 'sc in 2nd ch from hook and across'], Terms::Us, Worked::Rows);
        self::assertSame([1, 19], [\count($row->rounds), $row->rounds[0]->makes]);
        // 20 chains at half a single crochet each, a slip stitch, and two tails: 8 widths of 100/22 mm a single crochet (a guess, from memory).
        $analysis = Analysis::of(Plans::of(['ch 20, sl st in first ch'], [], ['finish' => ['end' => 'open']]));
        self::assertEqualsWithDelta((20 * 0.5 + 0.55) * 8 * 100 / 22 / 1000 + 0.3, $analysis->amounts->amounts[0]->metres() / 1.1, 1e-6);
        self::assertSame(Firmness::None, $analysis->pieces[0]->finishing->firmness);
    }
}
