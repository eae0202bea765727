<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Toy;

use Alternum\Core\Analysis;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Toy\Pose;
use Alternum\Core\Toy\Surface;
use Alternum\Core\Toy\WholeToy;
use PHPUnit\Framework\TestCase;

/** Where places of a piece are in space: held against geometry, of circles, ovals and mirrors. */
final class SurfaceTest extends TestCase
{
    /** An edge around a chain is two half circles and two straight parts: each place on it is as far from the line between their middles. */
    public function testAnOvalEdgeIsEverywhereAsFarFromItsMiddleLine(): void
    {
        $oval = Plans::of(['R1: ch 9, starting in 2nd ch from hook, 7 sc, 3 sc in last ch, 6 sc, inc', 'R2-5: sc around']);
        $form = Analysis::of($oval)->pieces[0]->stages->form;
        $surface = Surface::unstuffed($form, 0.0);
        foreach ($form->unstuffed as $level => $edge) {
            $way = 0.0;
            $before = $surface->point((float) $level, 0.0);
            foreach (range(1, 720) as $half) {
                [$x, $y] = $now = $surface->point((float) $level, $half / 2);
                $off = hypot(max(0.0, abs($x) - $edge->straight / 2), $y);
                self::assertEqualsWithDelta($edge->radius, $off, 0.001, "edge {$level} at ".$half / 2 .'°');
                $way += hypot($x - $before[0], $y - $before[1]);
                $before = $now;
            }
            self::assertEqualsWithDelta($edge->around(), $way, 0.01 * $edge->around(), "edge {$level}");
        }
        self::assertGreaterThan(1.0, $form->unstuffed[1]->straight);
    }

    /** Two ears that are turned on their seats are mirror images of one another: corner by corner they are as high, and as far from the middle. */
    public function testAPairIsMirrored(): void
    {
        $plan = Plans::of([], [], [], ['pieces' => [
            Plans::piece('body', Plans::ball(6), ['name' => 'Body']),
            Plans::piece('ear', ['R1: ch 5, sc in 2nd ch from hook, sc in next 3 ch', 'R2-6: ch 1, turn, sc across'], ['worked' => 'rows', 'copies' => 2]),
        ], 'assembly' => [
            ['key' => 'j1', 'part' => 'ear', 'onto' => 'body', 'turned' => 30, 'at' => ['anchor' => 'round', 'number' => 6, 'apart' => 12]],
        ]]);
        $analysis = Analysis::of($plan);
        $parts = array_combine(array_column($plan->pieces, 'key'), array_map(static fn ($piece) => $piece->part, $analysis->pieces));
        $solid = $parts['ear']->solid;
        self::assertNotNull($solid);
        [, $one, $other] = WholeToy::of($plan, $parts, $analysis->assembled->joints);
        self::assertSame(['ear', 'ear'], [$one->piece, $other->piece]);
        $heights = $lengths = [];
        foreach ([0.0, 6.0] as $level) {
            foreach ([0.0, 360.0] as $side) {
                $corner = $one->pose->point($solid->point($level, $side));
                $mirrored = $other->pose->point($solid->point($level, 360.0 - $side));
                self::assertEqualsWithDelta($corner[1], $mirrored[1], 0.001, "corner {$level} {$side}");
                self::assertEqualsWithDelta(Pose::length($corner), Pose::length($mirrored), 0.001, "corner {$level} {$side}");
                $heights[] = $corner[1];
                $lengths[] = Pose::length($corner);
            }
        }
        // It is turned: no two of its corners lie alike.
        self::assertCount(4, array_unique(array_map(static fn (float $mm): string => \sprintf('%.1f', $mm), $heights)));
        self::assertGreaterThan(1.0, max($lengths) - min($lengths));
    }
}
