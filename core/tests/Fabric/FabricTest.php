<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Fabric;

use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Fabric\FabricRound;
use Alternum\Core\Fabric\Turn;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

final class FabricTest extends TestCase
{
    /** @param list<string> $lines */
    private static function lay(array $lines, float $lean = 0.35, ?Gauge $gauge = null, Worked $worked = Worked::Spiral): Fabric
    {
        return Fabric::of(Reader::read($lines, Terms::Us, $worked), $gauge ?? new Gauge(22, 24), $worked, $lean);
    }

    /** The design's check value: a ball of 30 has its marker at −12° in round 5 and −38° in round 11, at +15° in both without lean. */
    public function testTheMarkerWanders(): void
    {
        $leaning = self::lay(Plans::ball(5));
        self::assertEqualsWithDelta(-12.0, $leaning->rounds[4]->start * 360, 0.5);
        self::assertEqualsWithDelta(-38.0, $leaning->rounds[10]->start * 360, 0.5);
        $straight = self::lay(Plans::ball(5), 0.0);
        self::assertEqualsWithDelta(15.0, $straight->rounds[4]->start * 360, 0.51);
        self::assertEqualsWithDelta(15.0, $straight->rounds[10]->start * 360, 0.51);
    }

    /** By hand: on a tube of 40 with lean ½, twelve rounds slip 11 × ½ = 5½ stitches, 49.5°. */
    public function testATubeLeansByHalfAStitchARound(): void
    {
        $tube = self::lay(['40 sc in MR', 'R2-12: sc around'], 0.5);
        self::assertEqualsWithDelta(-5.5, $tube->rounds[11]->start * 40, 1e-9);
        self::assertEqualsWithDelta(310.5, Turn::degrees($tube->rounds[11]->start), 1e-9);
    }

    /** By hand, for (sc, inc) on 4: tops at 1, 3, 5 … of 12ths; the stitches below at 1, 3, 3, 5, 7, 7 of 8ths. */
    public function testASpreadRoundSitsSquarely(): void
    {
        $courses = self::lay(['4 sc in MR', '(sc, inc) x2'], 0.0)->rounds;
        $sits = (1 / 12 + 3 / 12 + 5 / 12 + 7 / 12 + 9 / 12 + 11 / 12) / 6;
        $into = (1 / 8 + 3 / 8 + 3 / 8 + 5 / 8 + 7 / 8 + 7 / 8) / 6;
        self::assertEqualsWithDelta($into - $sits, $courses[1]->start, 1e-12);
    }

    /** A sphere of N around has N/2 rounds when stitches are square, so its height is its width: N·w/π. */
    public function testABallIsAsHighAsWide(): void
    {
        $ball = self::lay(Plans::ball(10), 0.0, new Gauge(20, 20));
        $radii = array_map(static fn (FabricRound $course): float => $course->radius, $ball->rounds);
        self::assertNotSame([], $radii);
        $width = 2 * max($radii);
        self::assertEqualsWithDelta(60 * 5.0 / \M_PI, $width, 1e-9);
        self::assertEqualsWithDelta($width, array_sum(array_map(static fn (FabricRound $course): float => $course->rise, $ball->rounds)), 0.2 * $width);
    }

    /** Square single crochet lies flat at 2π more stitches each round; 6 lie flat, 12 ruffle (the trade's six: common practice). */
    public function testFlatCircleAndRuffles(): void
    {
        $square = new Gauge(20, 20);
        $flat = self::lay(['6 sc in MR', 'inc x6', '(sc, inc) x6', '(2 sc, inc) x6'], 0.35, $square);
        self::assertLessThan(0.35 * 5.0, $flat->rounds[3]->rise);
        self::assertFalse($flat->rounds[3]->ruffles);
        $ruffled = self::lay(['12 sc in MR', 'inc around', 'inc around'], 0.35, $square);
        self::assertTrue($ruffled->rounds[2]->ruffles);
        self::assertSame(0.0, $ruffled->rounds[2]->rise);
    }

    /** Cylinder: even rounds rise by their height; taller stitches by theirs (hdc 1.5, dc 2, tr 3). */
    public function testEvenRoundsRiseByTheirHeight(): void
    {
        $tube = self::lay(['12 sc in MR', 'sc around', 'hdc around', 'dc around', 'tr around', 'sl st around'], 0.0, new Gauge(20, 20));
        $rises = array_map(static fn (FabricRound $course): float => $course->rise, \array_slice($tube->rounds, 1));
        foreach ([1.0, 1.5, 2.0, 3.0, 0.35] as $i => $height) {
            self::assertEqualsWithDelta(5.0 * $height, $rises[$i], 1e-9);
        }
    }

    public function testRowsDoNotTurn(): void
    {
        foreach (self::lay(['ch 10', '10 sc', '10 sc'], 0.35, null, Worked::Rows)->rounds as $course) {
            self::assertSame(0.0, $course->start);
        }
        $joined = self::lay(['12 sc in MR', 'sc around'], 0.35, null, Worked::Joined);
        self::assertEqualsWithDelta(-0.35 / 12, $joined->rounds[1]->start, 1e-12);
    }
}
