<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Place;

use Alternum\Core\Analysis;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Place\StitchPlace;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\WrittenSteps;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What becomes of the yarn that another takes over from, and that the words say just that. */
final class OldYarnTest extends TestCase
{
    private const TUBE = ['40 sc in MR', 'R2-20: sc around'];

    /** @return list<array{oldYarn: OldYarn, toDo: string, why: string, catches: list<int>}> */
    private static function changes(Plan $plan): array
    {
        $piece = Analysis::of($plan)->pieces[0];
        $words = Plans::changeWords($plan, $piece, Terms::Us);

        return array_map(
            static fn ($change): array => [
                'oldYarn' => $change->yarns->old,
                'toDo' => $words->toDo($change),
                'why' => $words->why($change),
                'catches' => array_map(static fn (StitchPlace $place): int => $place->stitch, $change->yarns->catches),
            ],
            $piece->changes->all,
        );
    }

    /** Yarn is carried over as many as three whole rounds of another: common practice, no source. */
    #[TestWith([1, OldYarn::Carry, 'A comes back after 1 round, near enough to carry.'])]
    #[TestWith([3, OldYarn::Carry, 'A comes back after 3 rounds, near enough to carry.'])]
    #[TestWith([4, OldYarn::Cut, 'A comes back only after 4 rounds, too far to carry: two tails.'])]
    public function testTheLimitOfCarryingAndItsWords(int $rounds, OldYarn $oldYarn, string $why): void
    {
        [$change] = self::changes(Plans::of(self::TUBE, [Plans::stripes(5, 4 + $rounds, [['B', $rounds]])]));
        self::assertSame($oldYarn, $change['oldYarn']);
        self::assertStringContainsString($why, $change['why']);
        $back = 5 + $rounds;
        self::assertStringContainsString(OldYarn::Carry === $oldYarn ? "Leave A hanging inside; pick it up again in round {$back}" : 'Cut A', $change['toDo']);
    }

    /** A waits over B and C: told where it is left, where it goes on hanging, and where it is taken up. */
    public function testACarryOverTwoChangesIsToldAtEach(): void
    {
        $yarns = array_map(
            static fn (string $key): array => ['key' => $key, 'name' => '', 'hex' => '#808080', 'weight' => 'dk', 'metresPer100g' => 250],
            ['A', 'B', 'C'],
        );
        [$left, $hangs, $taken] = self::changes(Plans::of(self::TUBE, [Plans::stripes(5, 6, [['B', 1], ['C', 1]])], plan: ['yarns' => $yarns]));
        self::assertStringContainsString('Leave A hanging inside; pick it up again in round 7', $left['toDo']);
        self::assertStringNotContainsString('goes on hanging', $left['toDo']);
        self::assertStringContainsString('A stays hanging inside.', $hangs['toDo']);
        self::assertStringContainsString('Pick up A from round 4.', $taken['toDo']);
        self::assertStringNotContainsString('goes on hanging', $taken['toDo']);
    }

    public function testARowsEndIsNoChangeWithinARound(): void
    {
        $plan = Plans::of(['Row 1: ch 11', 'sk 1, 10 sc', 'Row 3-7: ch 1, turn, 10 sc'], [Plans::stripes(4, 5, [['B', 2]])], ['worked' => 'rows']);
        $analysis = Analysis::of($plan);
        self::assertSame([], $analysis->problems);
        foreach (self::changes($plan) as $change) {
            self::assertStringContainsString('A row ends at an edge', $change['why']);
            self::assertStringNotContainsString('within', $change['why']);
            self::assertStringNotContainsString('round', $change['toDo'].$change['why']);
        }
        self::assertSame([], $analysis->pieces[0]->changes->jogs());
    }

    /**
     * A float of more than the limit is caught, so that it nowhere passes more than the limit; about five, or the maker’s own figure:
     * common practice, no source.
     */
    #[TestWith([5, null, 0])]
    #[TestWith([6, null, 1])]
    #[TestWith([13, null, 3])]
    #[TestWith([6, 8, 0])]
    #[TestWith([9, 8, 1])]
    public function testFarFloatsAreCaught(int $stitches, ?int $limit, int $times): void
    {
        $plan = Plans::of(
            self::TUBE,
            [['kind' => 'run', 'round' => 5, 'from' => 11, 'to' => 10 + $stitches, 'yarn' => 'B']],
            plan: null === $limit ? [] : ['floatStitches' => $limit],
        );
        $caught = self::changes($plan)[0];
        self::assertSame(OldYarn::Float, $caught['oldYarn']);
        self::assertCount($times, $caught['catches']);
        $last = 10;
        foreach ([...$caught['catches'], 11 + $stitches] as $at) {
            self::assertLessThanOrEqual($limit ?? 5, $at - $last - 1);
            self::assertGreaterThan($last, $at);
            $last = $at;
        }
        $steps = implode("\n", array_column(WrittenSteps::all($plan), 'text'));
        self::assertSame($times > 0, 1 === preg_match('/Catch A behind at stitch(?:es)? '.($caught['catches'][0] ?? '?').'\b/', $steps));
    }

    /** By hand, on 40: A hangs at the round's end and is wanted at stitch 36 of the next: five stitches back, not 35 on. */
    public function testTheShorterWayRoundIsTaken(): void
    {
        $runs = [['kind' => 'run', 'round' => 5, 'from' => 1, 'to' => 35, 'yarn' => 'B']];
        $plan = Plans::of(self::TUBE, $runs);
        [$change] = self::changes($plan);
        self::assertSame([OldYarn::Float, []], [$change['oldYarn'], $change['catches']]);
        self::assertStringContainsString('Leave A hanging at the marker; at stitch 36 of round 5 bring it back loosely across 5 stitches.', $change['toDo']);
        self::assertSame(5, Analysis::of($plan)->pieces[0]->changes->all[0]->yarns->passes);
    }

    /** A row ends at one edge and the next at the other. Rows of one: what is left at one edge is wanted at the other. */
    #[TestWith([1, OldYarn::Cut, 'hangs at the other edge when it is wanted'])]
    #[TestWith([2, OldYarn::Carry, 'near enough to carry'])]
    #[TestWith([3, OldYarn::Cut, 'hangs at the other edge when it is wanted'])]
    public function testInRowsTheYarnHangsAtAnEdge(int $rows, OldYarn $oldYarn, string $why): void
    {
        $lines = ['ch 11', 'Row 1: 10 sc', ...array_map(static fn (int $row): string => "Row {$row}: 10 sc", range(2, 12))];
        [$change] = self::changes(Plans::of($lines, [Plans::stripes(3, 12, [['B', $rows], ['A', $rows]])], ['worked' => 'rows']));
        self::assertSame($oldYarn, $change['oldYarn']);
        self::assertStringContainsString($why, $change['why']);
    }

    /** More than about ten stitches are too far for one float: common practice, no source. */
    public function testAFarFloatIsAdvisedAgainst(): void
    {
        $runs = [['kind' => 'run', 'round' => 5, 'from' => 4, 'to' => 16, 'yarn' => 'B']];
        [$change] = self::changes(Plans::of(self::TUBE, $runs));
        self::assertStringContainsString('as it passes 13 stitches. That is far for one float: a separate length for each spot', $change['toDo']);
    }

    /**
     * By hand, a round of 18: a yarn left after stitch a and taken up at stitch b of the next round passes b − 1 − a stitches with the work, or 18
     * less; over five it is caught like any float. Straight above it is only picked up.
     */
    #[TestWith([4, 14, 'in round 5 it passes loosely across 9 stitches and is taken up at stitch 14', 'Catch B behind at stitches 7 and 10 of round 5'])]
    #[TestWith([14, 5, 'in round 5 it passes loosely across 8 stitches and is taken up at stitch 5', 'Catch B behind at stitch 18 of round 4'])]
    #[TestWith([13, 6, 'in round 5 bring it back loosely across 8 stitches, caught behind every 5 or so, and take it up at stitch 6', null])]
    #[TestWith([9, 10, 'in round 5 pick it up at stitch 10', null])]
    public function testWhatIsCarriedSidewaysIsCaughtToo(int $left, int $taken, string $words, ?string $caught): void
    {
        $run = static fn (int $round, int $from, int $to): array => ['kind' => 'run', 'round' => $round, 'from' => $from, 'to' => $to, 'yarn' => 'B'];
        $plan = Plans::of(Plans::ball(3), [$run(4, $left, $left), $run(5, $taken, $taken)]);
        $change = Analysis::of($plan)->pieces[0]->changes->all[1];
        $told = Plans::changeWords($plan, Analysis::of($plan)->pieces[0], Terms::Us)->toDo($change);
        self::assertStringContainsString($words, $told);
        null === $caught ? self::assertStringNotContainsString('Catch', $told) : self::assertStringContainsString($caught, $told);
    }
}
