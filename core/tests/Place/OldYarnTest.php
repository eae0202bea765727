<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Place;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\ChangeWords;
use Alternum\Core\Words\YarnWords;
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
        $words = new ChangeWords($plan, $piece->piece, $piece->stages->fabric, new YarnWords($plan), Terms::Us);

        return array_map(
            static fn ($change): array => [
                'oldYarn' => $change->oldYarn,
                'toDo' => $words->toDo($change),
                'why' => $words->why($change),
                'catches' => $change->catches,
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
        self::assertStringContainsString(OldYarn::Carry === $oldYarn ? "Leave A hanging inside; take it up again in round {$back}" : 'Cut A', $change['toDo']);
    }

    /** A waits over B and C: told where it is left, where it goes on hanging, and where it is taken up. */
    public function testACarryOverTwoChangesIsToldAtEach(): void
    {
        $yarns = array_map(
            static fn (string $key): array => ['key' => $key, 'name' => '', 'hex' => '#808080', 'weight' => 'dk', 'metresPer100g' => 250],
            ['A', 'B', 'C'],
        );
        [$left, $hangs, $taken] = self::changes(Plans::of(self::TUBE, [Plans::stripes(5, 6, [['B', 1], ['C', 1]])], plan: ['yarns' => $yarns]));
        self::assertStringContainsString('Leave A hanging inside; take it up again in round 7', $left['toDo']);
        self::assertStringNotContainsString('goes on hanging', $left['toDo']);
        self::assertStringContainsString('A goes on hanging inside.', $hangs['toDo']);
        self::assertStringContainsString('Take A up from where it was left in round 4.', $taken['toDo']);
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
     * A float of more than the limit is caught, so that it nowhere passes more than the limit; about five, or her own figure:
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
        $steps = implode("\n", array_merge(...array_column(StepsWriter::values($plan, Analysis::of($plan)->pieces[0], Terms::Us)[0]['steps'], 'then')));
        self::assertSame($times > 0, str_contains($steps, 'Catch A behind at stitch '.($caught['catches'][0] ?? '?')));
    }
}
