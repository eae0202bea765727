<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Change;

use Alternum\Core\Analysis;
use Alternum\Core\Fabric\Turn;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\WrittenSteps;
use PHPUnit\Framework\TestCase;

/** "Work 3 sc more, and move the marker": a round's beginning moved on by hand. By hand: three of thirty stitches are 36°. */
final class MovedStartTest extends TestCase
{
    /** @param list<array<string, mixed>> $at */
    private static function plan(array $at, float $front = 180): Plan
    {
        return Plans::of(
            Plans::ball(5),
            [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(7, 9, [['B', 3]])],
            ['front' => ['degrees' => $front], 'changes' => ['method' => 'plain', 'at' => $at]],
        );
    }

    public function testEveryLaterRoundGoesAlong(): void
    {
        $before = Analysis::of(self::plan([]))->pieces[0];
        $after = Analysis::of(self::plan([['round' => 6, 'onward' => 3]]))->pieces[0];
        for ($round = 1; $round <= 15; ++$round) {
            $moved = 360 * ($after->stages->frame->start($round) - $before->stages->frame->start($round));
            self::assertEqualsWithDelta($round > 6 ? 36.0 : 0.0, $moved, 1e-9, "round {$round}");
        }
        self::assertEqualsWithDelta(36.0, Turn::apart($before->changes->all[0]->place->degrees, $after->changes->all[0]->place->degrees), 1e-9);
        self::assertEqualsWithDelta(36.0, Turn::apart($before->changes->all[1]->place->degrees, $after->changes->all[1]->place->degrees), 1e-9);
    }

    /** A drawn loop moves the marker by a stitch of its own, after the three that were worked on: four of thirty are 48°. */
    public function testADrawnLoopMovesOnFromThere(): void
    {
        $before = Analysis::of(self::plan([['round' => 6, 'method' => 'drawn-loop']]))->pieces[0];
        $after = Analysis::of(self::plan([['round' => 6, 'method' => 'drawn-loop', 'onward' => 3]]))->pieces[0];
        $plain = Analysis::of(self::plan([]))->pieces[0];
        foreach ([7, 8, 12] as $round) {
            $start = $plain->stages->frame->start($round);
            self::assertEqualsWithDelta(12.0, 360 * ($before->stages->frame->start($round) - $start), 1e-9, "round {$round}, the loop alone");
            self::assertEqualsWithDelta(48.0, 360 * ($after->stages->frame->start($round) - $start), 1e-9, "round {$round}, both");
        }
    }

    /** Three single crochets more, at eight widths of 100/22 mm each, and a tenth to spare. */
    public function testTheStitchesTakeYarn(): void
    {
        $metres = static fn (Plan $plan): float => Analysis::of($plan)->amounts->amounts[0]->metres();
        self::assertEqualsWithDelta(3 * 8 * 100 / 22 / 1000 * 1.1, $metres(self::plan([['round' => 6, 'onward' => 3]])) - $metres(self::plan([])), 1e-9);
    }

    public function testTheStepsSayIt(): void
    {
        $then = static function (Plan $plan, int $round): array {
            return [...WrittenSteps::told($plan, 'change')[$round] ?? [], ...array_filter(
                WrittenSteps::told($plan, 'check')[$round] ?? [],
                static fn (string $told): bool => str_contains($told, 'marker'),
            )];
        };
        self::assertStringStartsWith(
            'At stitch 30: work 3 sc more in A (Chalk), and move the marker up to there. Work the last sc',
            $then(self::plan([['round' => 6, 'onward' => 3]]), 6)[0],
        );
        self::assertSame(
            ['Work 3 sc more in B (Brick), and move the marker up to there'],
            $then(self::plan([['round' => 8, 'onward' => 3]]), 8),
            'Also where no yarn changes.',
        );
    }

    /** A round of decreases ends on one, but the stitch that the yarn changes in is the last one worked on. */
    public function testTheYarnChangesInTheLastOfThem(): void
    {
        $said = static function (int $onward): string {
            $changes = ['method' => 'plain', 'at' => $onward > 0 ? [['round' => 12, 'onward' => $onward]] : []];
            $plan = Plans::of(Plans::ball(5), [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(13, 15, [['B', 3]])], ['changes' => $changes]);

            $piece = Analysis::of($plan)->pieces[0];

            return Plans::changeWords($plan, $piece, Terms::Us)->toDo($piece->changes->all[0]);
        };
        self::assertStringContainsString('Work the last dec in A', $said(0));
        self::assertStringContainsString('Work the last sc in A', $said(4));
    }

    /** What it takes to the back really brings it there. */
    public function testTheStitchesToTheBack(): void
    {
        $jog = Analysis::of(self::plan([]))->pieces[0]->changes->all[0]->place->degrees;
        foreach ([0, 40, 300] as $on) {
            $front = fmod($jog + $on, 360);
            $change = Analysis::of(self::plan([], $front))->pieces[0]->changes->all[0];
            self::assertNotNull($change->place->toBack);
            $moved = Analysis::of(self::plan([['round' => 6, 'onward' => $change->place->toBack]], $front))->pieces[0]->changes->all[0];
            self::assertGreaterThanOrEqual(174.0, $moved->place->fromFront, 'Within half a stitch of thirty, which is 6°.');
            self::assertNull($moved->place->toBack);
        }
    }

    public function testJoinedRoundsBeginWhereTheyAreClosed(): void
    {
        $values = ['changes' => ['method' => 'auto', 'at' => [['round' => 6, 'onward' => 3]]], 'worked' => 'joined'];
        $joined = Analysis::of(Plans::of(Plans::ball(5), [Plans::stripes(7, 9, [['B', 3]])], $values))->pieces[0];
        self::assertSame(0, $joined->changes->all[0]->treatment->onward);
    }
}
