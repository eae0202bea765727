<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Toy;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\WholeToyWriter;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Toy\Pose;
use Alternum\Core\Toy\PosedPiece;
use Alternum\Core\Toy\WholeToy;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Where each piece is on the whole toy. */
final class WholeToyTest extends TestCase
{
    /** @return array<string, PosedPiece> by piece and copy */
    private static function posed(Plan $plan): array
    {
        $analysis = Analysis::of($plan);
        $parts = array_combine(array_column($plan->pieces, 'key'), array_map(static fn ($piece) => $piece->part, $analysis->pieces));
        $posed = [];
        foreach (WholeToy::of($plan, $parts, $analysis->assembled->joints) as $one) {
            $posed["{$one->piece} {$one->copy}"] = $one;
        }

        return $posed;
    }

    /** @return array{float, float, float} */
    private static function point(Plan $plan, PosedPiece $one, float $level, float $degrees): array
    {
        $solid = Analysis::of($plan)->piece($one->piece)?->part->solid;
        self::assertNotNull($solid);

        return $one->pose->point($solid->point($level, $degrees));
    }

    /**
     * An ear at the side of a ball: every point of its edge lies on the ball, a sphere of its radius about its middle, within two millimetres, and its tip
     * farther out along the way through its seat.
     */
    #[TestWith([60.0, 8])]
    #[TestWith([-20.0, 9])]
    #[TestWith([180.0, 11])]
    public function testAnEdgeMeetsTheSurface(float $fromFront, int $round): void
    {
        $plan = Plans::of([], [], [], ['pieces' => [
            Plans::piece('body', Plans::ball(6), ['name' => 'Body']),
            Plans::piece('ear', ['6 sc in MR', 'inc x6', 'R3-8: sc around'], ['name' => 'Ear']),
        ], 'assembly' => [['key' => 'j1', 'part' => 'ear', 'onto' => 'body', 'at' => ['anchor' => 'round', 'number' => $round, 'fromFront' => $fromFront]]]]);
        ['body 1' => $body, 'ear 1' => $ear] = self::posed($plan);
        $radius = Analysis::of($plan)->pieces[0]->form->width / 2;
        foreach ([0.0, 90.0, 180.0, 270.0] as $degrees) {
            $at = Pose::plus(self::point($plan, $ear, 8.0, $degrees), $body->pose->at, -1.0);
            self::assertEqualsWithDelta($radius, Pose::length($at), 2.0, "at {$degrees}°");
        }
        $seat = Pose::plus(self::point($plan, $body, (float) $round, 180.0 + $fromFront), $body->pose->at, -1.0);
        $tip = Pose::plus(self::point($plan, $ear, 0.0, 0.0), $body->pose->at, -1.0);
        self::assertGreaterThan($radius + 15.0, Pose::length($tip));
        self::assertGreaterThan(0.93, Pose::dot(Pose::unit($seat), Pose::unit($tip)), 'It stands straight off.');
        $right = Pose::unit([$tip[0], 0.0, $tip[2]])[0];
        self::assertEqualsWithDelta(sin(deg2rad($fromFront)), $right, 0.15, 'To the right where degrees grow, the front towards the viewer.');
    }

    /** Legs that a body begins on stand under it, side by side, their feet on the ground; the middle of the chain between them is in front. */
    public function testLegsStandUnderTheirBody(): void
    {
        $plan = PlanReader::json((string) file_get_contents(\dirname(__DIR__, 3).'/demo/otter-in-a-striped-jersey.json'));
        $posed = self::posed($plan);
        [$one, $other, $body] = [$posed['leg 1'], $posed['leg 2'], $posed['body 1']];
        self::assertEqualsWithDelta(0.0, $one->pose->at[0] + $other->pose->at[0] - 2 * $body->pose->at[0], 1e-6);
        self::assertGreaterThan(20.0, $other->pose->at[0] - $one->pose->at[0]);
        self::assertLessThan($body->pose->at[1], $one->pose->at[1]);
        self::assertEqualsWithDelta(0.0, self::point($plan, $one, 0.0, 0.0)[1], 0.5, 'On the ground.');
        $edge = self::point($plan, $one, 8.0, 0.0)[1];
        self::assertEqualsWithDelta(self::point($plan, $body, 0.0, 0.0)[1], $edge, 0.5, 'Their edges are the body’s beginning.');
        // The hat lies on the head, its edge below its crown; the tail is behind, and one arm on each side.
        self::assertGreaterThan(self::point($plan, $body, 31.0, 0.0)[1], self::point($plan, $posed['hat 1'], 0.0, 0.0)[1]);
        self::assertLessThan(self::point($plan, $posed['hat 1'], 0.0, 0.0)[1], self::point($plan, $posed['hat 1'], 9.0, 0.0)[1]);
        self::assertLessThan($body->pose->at[2], $posed['tail 1']->pose->at[2]);
        $arms = [$posed['arm 1']->pose->at[0] - $body->pose->at[0], $posed['arm 2']->pose->at[0] - $body->pose->at[0]];
        self::assertEqualsWithDelta(0.0, array_sum($arms), 1.0);
        self::assertGreaterThan(15.0, abs($arms[0]));
        foreach (['arm 1', 'arm 2'] as $arm) {
            self::assertLessThan(self::point($plan, $posed[$arm], 12.0, 0.0)[1], self::point($plan, $posed[$arm], 0.0, 0.0)[1], 'Pressed flat, it hangs.');
        }
    }

    /** A lying animal has its face towards the viewer and what was the front above; what is on it goes along. */
    public function testWhatLiesLies(): void
    {
        $plan = Plans::of([], [], [], ['pieces' => [
            Plans::piece('body', Plans::ball(6), ['name' => 'Body', 'firstRound' => 'face', 'front' => ['degrees' => 0]]),
            Plans::piece('fin', ['6 sc in MR', 'inc x6', 'R3-8: sc around'], ['name' => 'Fin']),
        ], 'assembly' => [['key' => 'j1', 'part' => 'fin', 'onto' => 'body', 'at' => ['anchor' => 'round', 'number' => 9]]]]);
        ['body 1' => $body, 'fin 1' => $fin] = self::posed($plan);
        self::assertGreaterThan(self::point($plan, $body, 18.0, 0.0)[2] + 30.0, self::point($plan, $body, 0.0, 0.0)[2]);
        self::assertGreaterThan($body->pose->at[1] + 20.0, $fin->pose->at[1]);
    }

    /** A flower that is sewn on by its middle lies on the fabric; a bow, which is long, is held across it. */
    public function testADiscLiesOnTheFabric(): void
    {
        $axis = static function (string ...$rounds): float {
            $plan = Plans::of([], [], [], ['pieces' => [
                Plans::piece('body', Plans::ball(6), ['name' => 'Body']),
                Plans::piece('bow', array_values($rounds), ['name' => 'Bow']),
            ], 'assembly' => [['key' => 'j1', 'part' => 'bow', 'onto' => 'body', 'edge' => 'middle', 'at' => ['anchor' => 'round', 'number' => 9]]]]);
            $bow = self::posed($plan)['bow 1'];

            // At the front the fabric looks at the viewer.
            return abs($bow->pose->axes[1][2]);
        };
        self::assertGreaterThan(0.95, $axis('6 sc in MR', 'inc x6', '(sc, inc) x6'));
        self::assertLessThan(0.1, $axis('6 sc in MR', 'R2-14: sc around'));
    }

    /** Of copies that look the same some are shown, and that is told; as many as a plan may have take no time. */
    public function testManyCopies(): void
    {
        $values = static fn (int $copies): array => WholeToyWriter::values(Analysis::of(Plans::of([], [], [], ['pieces' => [
            Plans::piece('body', ['6 sc in MR', 'inc x6', 'R3-6: sc around'], ['name' => 'Body']),
            Plans::piece('spine', ['6 sc in MR', 'sc around'], ['name' => 'Spine', 'copies' => $copies]),
        ]])));
        self::assertSame([5, true], [\count((array) $values(4)['poses']), $values(4)['isWhole']]);
        self::assertSame([13, false], [\count((array) $values(99)['poses']), $values(99)['isWhole']]);
    }

    /** A mat that stands by itself lies on the ground, and its edging around it in the same plane. */
    public function testAMatLies(): void
    {
        $plan = PlanReader::json((string) file_get_contents(\dirname(__DIR__, 3).'/demo/barrel-cactus-in-a-pot.json'));
        ['mat 1' => $mat, 'edging 1' => $edging] = self::posed($plan);
        self::assertEqualsWithDelta([0.0, 1.0, 0.0], $mat->pose->axes[2], 1e-9);
        self::assertEqualsWithDelta(1.0, abs($edging->pose->axes[1][1]), 1e-9);
        self::assertEqualsWithDelta($mat->pose->at[0], $edging->pose->at[0], 1e-6);
    }

    /** What stands by itself is beside the others, on the ground; a piece put on itself, or in a circle, is nowhere twice. */
    public function testEachPieceIsSomewhereOnce(): void
    {
        $make = new \ReflectionMethod(RandomToysTest::class, 'toy');
        mt_srand(29);
        for ($toy = 0; $toy < 120; ++$toy) {
            $plan = $make->invoke(null);
            self::assertInstanceOf(Plan::class, $plan);
            $analysis = Analysis::of($plan);
            $parts = array_combine(array_column($plan->pieces, 'key'), array_map(static fn ($piece) => $piece->part, $analysis->pieces));
            $seen = [];
            $low = \INF;
            foreach (WholeToy::of($plan, $parts, $analysis->assembled->joints) as $one) {
                $seen[] = "{$one->piece} {$one->copy}";
                [$x, $y, $z] = $one->pose->axes;
                $square = [[$x, $x, 1.0], [$y, $y, 1.0], [$z, $z, 1.0], [$x, $y, 0.0], [$y, $z, 0.0], [$z, $x, 0.0], [Pose::cross($x, $y), $z, 1.0]];
                foreach ($square as [$a, $b, $is]) {
                    self::assertEqualsWithDelta($is, Pose::dot($a, $b), 1e-6);
                }
                $solid = $parts[$one->piece]->solid;
                self::assertNotNull($solid);
                foreach ([0.0, $solid->end()] as $level) {
                    $low = min($low, $one->pose->point($solid->point($level, 0.0))[1]);
                }
            }
            $copies = array_merge(...array_map(static fn ($piece): array => array_map(
                static fn (int $copy): string => "{$piece->key} {$copy}",
                range(1, $piece->copies->count),
            ), $plan->pieces));
            sort($seen);
            sort($copies);
            self::assertSame($copies, $seen);
            self::assertGreaterThan(-0.01, $low, 'Nothing is under the ground.');
        }
    }
}
