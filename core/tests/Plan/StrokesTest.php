<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Plan;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\WritingLimits;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Layer\HandSet;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Layer\Run;
use Alternum\Core\Plan\Layer\Strokes;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\TestCase;

/** Plans of earlier versions held each stroke of the brush as a layer of its own: they are read, and look as they did. */
final class StrokesTest extends TestCase
{
    /** @return list<string> the letters of the plan's rounds */
    private static function colours(Plan $plan): array
    {
        return Analysis::of($plan)->pieces[0]->stages->colouring->rounds;
    }

    /** Whatever order strokes come in, together they give every stitch the yarn that they gave it one by one; C is no yarn of the plan. */
    public function testTogetherTheyColourAsOneByOne(): void
    {
        mt_srand(301126);
        for ($i = 0; $i < 60; ++$i) {
            $layers = [['kind' => 'fill', 'yarn' => 'A']];
            for ($stroke = mt_rand(1, 90); $stroke > 0; --$stroke) {
                $from = mt_rand(1, 18);
                $yarn = ['A', 'B', 'C'][mt_rand(0, 2)];
                $layers[] = match (mt_rand(0, 9)) {
                    0 => ['kind' => 'run', 'round' => mt_rand(3, 7), 'from' => 17, 'to' => 3, 'yarn' => 'B'],
                    1 => ['kind' => 'run', 'round' => 4, 'from' => 2, 'to' => 5, 'yarn' => 'C', 'hidden' => true],
                    2 => Plans::stripes(3, 7, [['C', 1], ['A', 1]]),
                    3 => ['kind' => 'hand', 'rounds' => ['3' => '..BC.A', '5' => 'A.B']],
                    default => ['kind' => 'run', 'round' => mt_rand(3, 7), 'from' => $from, 'to' => mt_rand($from, 18), 'yarn' => $yarn],
                };
            }
            $plan = Plans::of(['6 sc in MR', 'inc x6', '(sc, inc) x6', 'R4-7: sc around'], $layers);
            $piece = $plan->pieces[0];
            $together = Strokes::together($piece->colours, 'AB');
            self::assertLessThanOrEqual(\count($piece->colours), \count($together));
            self::assertSame(self::colours($plan), self::colours($plan->withPiece($piece->withColours($together))));
        }
    }

    public function testUpToAHundredLayersAreReadAsTheyAre(): void
    {
        $run = ['kind' => 'run', 'round' => 1, 'from' => 1, 'to' => 2, 'yarn' => 'B'];
        self::assertCount(100, Plans::of(['6 sc in MR'], array_fill(0, 100, $run))->pieces[0]->colours);
        $many = Plans::of(['6 sc in MR'], [['kind' => 'fill', 'yarn' => 'A'], ...array_fill(0, 1999, $run)])->pieces[0]->colours;
        self::assertEquals([new HandSet([1 => 'BB'])], array_map(static fn (LayerEntry $entry): object => $entry->layer, \array_slice($many, 1)));
    }

    /** What is over a limit of writing may change, and lose layers; it does not gain any. */
    public function testWhatIsOverALimitGrowsNoFurther(): void
    {
        $fills = static fn (int $count): Plan => Plans::of(['6 sc in MR'], array_fill(0, $count, ['kind' => 'fill', 'yarn' => 'B']));
        WritingLimits::hold($fills(150), $fills(150)->withTitle('Before'));
        WritingLimits::hold($fills(149), $fills(150));
        WritingLimits::hold($fills(100), $fills(99));
        foreach ([[151, 150], [101, 100]] as [$now, $was]) {
            try {
                WritingLimits::hold($fills($now), $fills($was));
                self::fail("{$now} layers are no limit.");
            } catch (InvalidFields $refused) {
                self::assertSame('pieces[0].colours', $refused->problems[0]->path);
                self::assertStringContainsString('100 layers', MessageWords::says($refused->problems[0]->message));
            }
        }
    }

    public function testARunPastItsEndIsNoStroke(): void
    {
        $entry = new LayerEntry(new Run(2, 5, 1, 'B'));
        self::assertSame([$entry], Strokes::together([$entry], 'AB'));
        $named = new LayerEntry(new Run(2, 1, 5, 'B'), 'Belt');
        self::assertSame([$named], Strokes::together([$named], 'AB'));
    }
}
