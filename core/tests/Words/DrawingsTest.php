<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Words;

use Alternum\Core\Analysis;
use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Drawing\Stroke;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Tail;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\Drawing\Drawings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How each method, each end and each technique is done: three to five drawings, each with one sentence. */
final class DrawingsTest extends TestCase
{
    /** @return iterable<string, array{Series}> */
    public static function series(): iterable
    {
        foreach (Drawings::all() as $name => $series) {
            yield $name => [$series];
        }
    }

    public function testNothingIsLeftWithoutOne(): void
    {
        $names = array_keys(Drawings::all());
        foreach (Method::cases() as $method) {
            self::assertContains("method {$method->value}", $names);
        }
        foreach (OldYarn::cases() as $oldYarn) {
            self::assertContains("yarn {$oldYarn->value}", $names);
        }
        foreach (Tail::cases() as $tail) {
            self::assertContains("tail {$tail->value}", $names);
        }
        foreach (['magic-ring', 'two-chains', 'increase', 'decrease', 'invisible-decrease', 'bobble', 'close', 'fasten-off'] as $technique) {
            self::assertContains("technique {$technique}", $names);
        }
    }

    #[DataProvider('series')]
    public function testAFewFramesOfOneSentenceEach(Series $series): void
    {
        self::assertGreaterThanOrEqual(3, \count($series->frames));
        self::assertLessThanOrEqual(5, \count($series->frames));
        $says = array_map(static fn (Drawing $frame): string => $frame->says, $series->frames);
        self::assertSame($says, array_unique($says));
        foreach ($says as $sentence) {
            self::assertMatchesRegularExpression('/^[A-Z].{8,125}\.$/u', $sentence);
        }
        $path = static fn (Stroke $stroke): string => $stroke->path;
        $drawn = array_map(static fn (Drawing $frame): string => implode(' ', array_map($path, $frame->sketch->strokes())), $series->frames);
        self::assertSame($drawn, array_unique($drawn), 'No two frames are the same picture.');
    }

    /** Each line is an SVG path of few commands whose points lie in the field, with a little room for what hangs out. */
    #[DataProvider('series')]
    public function testLinesLieInTheField(Series $series): void
    {
        foreach ($series->frames as $frame) {
            foreach ($frame->sketch->strokes() as $stroke) {
                self::assertMatchesRegularExpression('/^M[-\d. MmLlQqCcTtSsHhVvAaZz]+$/', $stroke->path);
                preg_match_all('/[ML](-?[\d.]+) (-?[\d.]+)/', $stroke->path, $points, \PREG_SET_ORDER);
                foreach ($points as [, $x, $y]) {
                    self::assertTrue($x >= 0 && $x <= Sketch::WIDTH && $y >= -4 && $y <= Sketch::HEIGHT + 4, "{$frame->says} {$x} {$y}");
                }
            }
        }
    }

    /** An end is drawn where there is one: the old yarn's where it is cut, the new one's where it is joined anew. */
    public function testAChangeNamesWhatBelongsToIt(): void
    {
        $stripes = Plans::stripes(3, 8, [['B', 2], ['A', 1]]);
        $plan = Plans::of(['12 sc in MR', 'R2-9: sc around'], [$stripes], ['changes' => ['method' => 'plain', 'tails' => ['new' => 'knot']]]);
        $drawn = array_map(Drawings::ofChange(...), Analysis::of($plan)->pieces[0]->changes->all);
        self::assertSame(['method plain', 'yarn carry', 'tail knot'], $drawn[0]);
        self::assertSame(['method plain', 'yarn carry'], $drawn[1]);
        self::assertSame(['method plain', 'yarn cut', 'tail weave'], $drawn[\count($drawn) - 1]);
        self::assertSame([], array_diff(array_merge(...$drawn), array_keys(Drawings::all())));
    }

    public function testAMethodIsDrawnInBothYarns(): void
    {
        foreach (Method::cases() as $method) {
            $inks = [];
            foreach (Drawings::all()["method {$method->value}"]->frames as $frame) {
                foreach ($frame->sketch->strokes() as $stroke) {
                    $inks[$stroke->ink->value] = true;
                }
            }
            self::assertArrayHasKey(Ink::Old->value, $inks);
            self::assertArrayHasKey(Ink::New->value, $inks);
        }
    }
}
