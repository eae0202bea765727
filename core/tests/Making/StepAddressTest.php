<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\RetypedRounds;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\Step\WorkRounds;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** Whoever keeps the maker’s place in the steps keeps it while the plan is changed elsewhere. */
final class StepAddressTest extends TestCase
{
    /**
     * @param list<string>         $lines
     * @param array<string, mixed> $piece
     *
     * @return list<Step>
     */
    private static function steps(array $lines, array $piece = []): array
    {
        return Analysis::of(Plans::of($lines, [Plans::stripes(4, 9, [['B', 2], ['A', 1]])], $piece))->pieces[0]->steps();
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<string>
     */
    private static function keys(array $steps): array
    {
        return array_map(static fn (Step $step): string => $step->key(), $steps);
    }

    public function testAKeySaysKindAndPlace(): void
    {
        $keys = self::keys(self::steps(Plans::ball(4), ['placements' => [['kind' => 'eyes', 'anchor' => 'round', 'number' => 6, 'apart' => 4]]]));
        self::assertSame($keys, array_values(array_unique($keys)));
        foreach (['begin.0', 'tighten-ring.2', 'work-rounds.3', 'change-yarn.3.18.AB', 'fasten-off.12', 'draw-shut.12'] as $key) {
            self::assertContains($key, $keys);
        }
        self::assertCount(1, array_filter($keys, static fn (string $key): bool => str_starts_with($key, 'set-from-inside.7.')));
    }

    public function testWhatIsChangedLaterLeavesEarlierKeysAlone(): void
    {
        $lines = Plans::ball(5);
        $before = self::keys(self::steps($lines));
        $after = self::keys(self::steps([...\array_slice($lines, 0, 12), 'sc around', ...\array_slice($lines, 12)]));
        $upTo = (int) array_search('work-rounds.12', $before, true);
        self::assertGreaterThan(10, $upTo);
        self::assertSame(\array_slice($before, 0, $upTo), \array_slice($after, 0, $upTo));
    }

    public function testRoundsThatArePartedKeepTheKeyOfTheFirstAndTheirOwnAddresses(): void
    {
        $lines = ['6 sc in MR', 'inc x6', 'R3-9: sc around'];
        $whole = Analysis::of(Plans::of($lines))->pieces[0]->steps();
        $parted = Analysis::of(Plans::of(['6 sc in MR', 'inc x6', 'R3-5: sc around', 'Rest for a while.', 'R6-9: sc around']))->pieces[0]->steps();
        $rounds = static fn (array $steps): array => array_merge(...array_map(
            static fn (Step $step): array => $step->at->rounds(),
            array_values(array_filter($steps, static fn (mixed $step): bool => $step instanceof WorkRounds)),
        ));
        self::assertEquals($rounds($whole), $rounds($parted));
        self::assertContains('work-rounds.3', self::keys($whole));
        self::assertNotContains('work-rounds.6', self::keys($whole));
        self::assertContains('work-rounds.3', self::keys($parted));
        self::assertContains('work-rounds.6', self::keys($parted));
    }

    /** Of stitches 4 to 9 of round 5, gathered with the rounds before, only round 5 knows where they begin. */
    public function testAnAddressIsPartedByItsRounds(): void
    {
        $said = array_map(
            static fn (StepAddress $at): array => [$at->piece, $at->from, $at->to, $at->first, $at->last, $at->copy],
            (new StepAddress('body', 3, 5, 4, 9, 2))->rounds(),
        );
        self::assertSame([['body', 3, 3, null, 9, 2], ['body', 4, 4, null, 9, 2], ['body', 5, 5, 4, 9, 2]], $said);
    }

    /** Rounds 3 and 4 were put in after round 2 of five; round 4, of before, was taken out. */
    public function testAnAddressGoesAlongWithItsRounds(): void
    {
        $rounds = Analysis::of(Plans::of(['6 sc in MR', 'R2-6: sc around']))->pieces[0]->stages->reading->rounds;
        $moves = new RetypedRounds([1 => 1, 2 => 2, 3 => 5, 5 => 6], 5, $rounds);
        $at = static fn (int $from, int $to, ?int $stitch = null): StepAddress => new StepAddress('body', $from, $to, $stitch, copy: 2);
        self::assertEquals($at(1, 1, 4), $at(1, 1, 4)->carried($moves));
        self::assertEquals($at(5, 5, 2), $at(3, 3, 2)->carried($moves));
        self::assertEquals($at(5, 6), $at(3, 5)->carried($moves));
        self::assertNull($at(4, 4)->carried($moves));
        self::assertEquals($at(0, 0), $at(0, 0)->carried($moves));
    }
}
