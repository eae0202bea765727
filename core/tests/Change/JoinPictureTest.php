<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Change;

use Alternum\Core\Analysis;
use Alternum\Core\Change\JoinEdge;
use Alternum\Core\Change\Ways;
use Alternum\Core\Exchange\LookWriter;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Place\JoinPicture;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a jog looks like from near, drawn from the stitches about it. */
final class JoinPictureTest extends TestCase
{
    /** @return iterable<string, array{Method}> */
    public static function methods(): iterable
    {
        foreach (Method::choices() as $method) {
            yield $method->value => [$method];
        }
    }

    /** The line steps by what the method says is left, and by no more anywhere; far from the round's end it is a plain spiral's. */
    #[DataProvider('methods')]
    public function testTheStepIsWhatTheMethodLeaves(Method $method): void
    {
        $edge = Ways::of($method)->edge();
        self::assertEqualsWithDelta(Ways::of($method)->step(), $edge->step(), 1e-9);
        self::assertSame([1.0, 0.0], [$edge->before(-9.0), $edge->after(9.0)]);
        for ($at = -4.0; $at < 4.0; $at += 0.1) {
            self::assertLessThanOrEqual($edge->before($at) + 1e-9, $edge->before($at + 0.1), 'It falls towards the step.');
        }
        for ($at = 1.0; $at < 4.0; $at += 0.1) {
            self::assertLessThanOrEqual($edge->after($at) + 1e-9, $edge->after($at + 0.1), 'It falls away from it.');
        }
    }

    public function testASeamIsNoStep(): void
    {
        $edge = JoinEdge::plain()->joined();
        self::assertSame([0.0, 0.2, 0.0], [$edge->before(-2.0), $edge->before(0.0), $edge->after(0.0)]);
    }

    /** @param array<string, mixed> $piece */
    private static function plan(array $piece = []): Plan
    {
        return Plans::of(
            ['24 sc in MR', 'R2-6: sc around', 'R7-8: hdc around', 'R9-12: sc around'],
            [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(7, 12, [['B', 6]])],
            $piece + ['lean' => 0.25, 'changes' => ['method' => 'plain']],
        );
    }

    private static function picture(PieceAnalysis $piece, Plan $plan, Method $method, float $lean = 0.0): JoinPicture
    {
        $stages = $piece->stages;

        return JoinPicture::of($stages->frame, $stages->fabric, $stages->colouring, $stages->byRounds, $stages->treatments, $plan->gauge, $lean, 6, $method);
    }

    /**
     * By hand, three lanes and three stitches to either side: a lane ends on the level where the next round begins, a spiral's climbs by 1/24 of a round's
     * height with each stitch, and each lane lies back by the lean against the one below. Rounds 5, 6 and 9 are 4.1667 mm high, 7 and 8 one and a half
     * as much; the lanes are the ends of rounds 5, 6 and 7 with the beginnings of 6, 7 and 8.
     */
    public function testEveryLaneLiesOnTheOneBelow(): void
    {
        $plan = self::plan();
        [$w, $h] = [100 / 22, 100 / 24];
        $slope = $h / 24;
        $levels = [-1 => [-$h, -$h], 0 => [0.0, 0.0], 1 => [$h, 1.5 * $h]];
        foreach ([0.0, 0.25] as $lean) {
            $expected = [];
            foreach ($levels as $lane => [$left, $right]) {
                for ($i = 0; $i < 3; ++$i) {
                    // The stitch beside the end reaches under its neighbour by the lean, which is drawn over it: on the new round's side.
                    $reach = 0 === $i ? $lean : 0.0;
                    $expected[] = [-($i + 1) - $lean * $lane, -$i - $lean * $lane, $left - $slope * ($i + 1)];
                    $expected[] = [$i - $reach - $lean * $lane, $i + 1 - $lean * $lane, $right + $slope * ($i - $reach)];
                }
            }
            $drawn = array_map(
                static fn (array $cell): array => [$cell[1] / $w, $cell[3] / $w, $cell[2]],
                self::picture(Analysis::of($plan)->pieces[0], $plan, Method::Plain, $lean)->cells,
            );
            sort($expected);
            sort($drawn);
            self::assertEqualsWithDelta($expected, $drawn, 1e-9, "lean {$lean}");
        }
    }

    /**
     * By hand: 22 stitches and 24 rounds in 10 cm are 4.5455 and 4.1667 mm; a half double is one and a half as high. Round 7 is the first in B: at
     * the round's end it begins on the level on which round 6 ends, beside a stitch that is one round up.
     */
    public function testLiesAsTheStitchesDo(): void
    {
        $plan = self::plan();
        $cells = self::picture(Analysis::of($plan)->pieces[0], $plan, Method::Plain)->cells;
        self::assertCount(3 * 2 * JoinPicture::ASIDE, $cells);
        $corners = [];
        foreach ($cells as [$yarn, $x, $low, $toX, , , $toHigh, , $high]) {
            if (abs($low) < 0.9 && abs('A' === $yarn ? $toX : $x) < 1e-6) {
                $corners[] = [$yarn, round($x, 3), round($toX, 3), round($toHigh, 3), round($high, 3)];
            }
        }
        self::assertSame(
            [['A', -4.545, -0.0, 4.167, 3.993], ['B', 0.0, 4.545, 6.424, 6.25]],
            $corners,
            'Round 6 ends where round 7 begins, on one level; a spiral climbs by a 24th of a round with each stitch.',
        );
        $letters = count_chars(implode('', array_column($cells, 0)), 1);
        self::assertSame([9, 9], [$letters[\ord('A')], $letters[\ord('B')]]);
    }

    /** A lane above leans back by the lean: a quarter of a stitch. */
    public function testLeansAsTheFabricDoes(): void
    {
        $plan = self::plan();
        $cells = self::picture(Analysis::of($plan)->pieces[0], $plan, Method::Plain, 0.25)->cells;
        $ends = array_values(array_unique(array_map(static fn (array $cell): float => round($cell[3] / 4.545454, 3), $cells)));
        sort($ends);
        self::assertSame([-2.25, -2.0, -1.75, -1.25, -1.0, -0.75, -0.25, 0.0, 0.25, 0.75, 1.0, 1.25, 1.75, 2.0, 2.25, 2.75, 3.0, 3.25], $ends);
    }

    public function testASlipStitchHalvesTheStep(): void
    {
        $plan = self::plan();
        $piece = Analysis::of($plan)->pieces[0];
        $at = static function (Method $method) use ($piece, $plan): float {
            foreach (self::picture($piece, $plan, $method)->cells as $cell) {
                if ('B' === $cell[0] && abs($cell[1]) < 1e-6) {
                    return $cell[2];
                }
            }

            return \NAN;
        };
        self::assertEqualsWithDelta(0.0, $at(Method::Plain), 1e-6);
        self::assertEqualsWithDelta(0.5 * 4.1667, $at(Method::SlipStitch), 1e-3, 'Half of round 6, on which the slip stitch lies.');
    }

    /** A stitch early, the last one is in the new yarn; a loop a stitch later moves the round’s start, not its colours. */
    public function testShowsTheStitchThatChangesEarlyOrLate(): void
    {
        foreach ([Method::Plain, Method::Early, Method::DrawnLoopAfter] as $present) {
            $plan = self::plan(['changes' => ['method' => $present->value]]);
            $piece = Analysis::of($plan)->pieces[0];
            foreach ([[Method::Plain, 9], [Method::Early, 8], [Method::DrawnLoopAfter, 9]] as [$method, $old]) {
                $letters = count_chars(implode('', array_column(self::picture($piece, $plan, $method)->cells, 0)), 1);
                self::assertSame($old, $letters[\ord('A')], "{$method->value}, while it is {$present->value}");
            }
        }
    }

    public function testThePresentMethodComesFirstThenWhatLeavesLeast(): void
    {
        $plan = self::plan();
        $piece = Analysis::of($plan)->pieces[0];
        $looks = LookWriter::values($plan, $piece->stages, $piece->changes->jogs()[0]);
        self::assertSame(['plain', 'closed-round', 'standing-start'], \array_slice(array_column($looks, 'method'), 0, 3));
        self::assertSame([true, false], [$looks[0]['isPresent'], $looks[1]['isPresent']]);
        self::assertNotContains('slip-stitch', array_column($looks, 'method'), 'The next round begins with a taller stitch.');
        $joined = self::plan(['worked' => 'joined', 'changes' => ['method' => 'auto']]);
        $piece = Analysis::of($joined)->pieces[0];
        self::assertNotContains('drawn-loop', array_column(LookWriter::values($joined, $piece->stages, $piece->changes->jogs()[0]), 'method'));
    }
}
