<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Colour;

use Alternum\Core\Analysis;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Edit\Renumber;
use Alternum\Core\Edit\Resize;
use Alternum\Core\Edit\Retype;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Plan\Layer\Fill;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Tests\RandomPlans;
use PHPUnit\Framework\TestCase;

/** What holds for any layers on any piece, tried on many made by chance, from one seed. */
final class RandomLayersTest extends TestCase
{
    private const TRIES = 120;

    protected function setUp(): void
    {
        mt_srand(20);
    }

    /** @return iterable<Plan> */
    private static function plans(): iterable
    {
        return RandomPlans::some(self::TRIES);
    }

    public function testARoundsRunsSumToItsCountAndItsYarnsArePlanned(): void
    {
        foreach (self::plans() as $plan) {
            $piece = Analysis::of($plan)->pieces[0];
            foreach ($piece->stages->reading->rounds as $i => $round) {
                $letters = $piece->stages->colouring->rounds[$i];
                self::assertSame($round->makes, \strlen($letters));
                self::assertSame($round->makes, array_sum(array_column(Colouring::runs($letters), 'stitches')));
                self::assertSame('', trim($letters, 'AB'));
            }
        }
    }

    /** Layers are laid in their order: a fill above all others is all that is seen, and a hidden one is not there. */
    public function testTheOrderIsExact(): void
    {
        foreach (self::plans() as $plan) {
            $piece = $plan->pieces[0];
            $with = static fn (LayerEntry ...$colours): string => implode(
                '',
                Analysis::of($plan->withPiece($piece->withColours(array_values($colours))))->pieces[0]->stages->colouring->rounds,
            );
            $hidden = array_map(static fn (LayerEntry $laid): LayerEntry => new LayerEntry($laid->layer, $laid->name, true), $piece->colours);
            self::assertSame('', trim($with(...[...$piece->colours, new LayerEntry(new Fill('B'))]), 'B'));
            self::assertSame('', trim($with(...$hidden), 'A'));
            self::assertSame($with(...$piece->colours), $with(...[...$hidden, ...$piece->colours]));
        }
    }

    public function testSavingLosesNothing(): void
    {
        foreach (self::plans() as $plan) {
            self::assertEquals($plan, PlanReader::json(PlanWriter::json($plan)));
        }
    }

    /** No layer goes, and none becomes wrong, where the piece is made another size or a round is put in. */
    public function testOtherSizesKeepEveryLayer(): void
    {
        foreach (self::plans() as $plan) {
            $before = \count($plan->pieces[0]->colours);
            $told = \count(Problem::errors(Analysis::of($plan)->problems));
            $lines = $plan->pieces[0]->rounds;
            foreach ([
                (new Resize('body', 1, 0))->apply($plan),
                (new Resize('body', 0, 3))->apply($plan),
                (new Renumber('body'))->apply((new Retype('body', [...\array_slice($lines, 0, 3), 'sc around', ...\array_slice($lines, 3)]))->apply($plan)),
            ] as $i => $changed) {
                self::assertCount($before, $changed->pieces[0]->colours, "change {$i}");
                self::assertLessThanOrEqual($told, \count(Problem::errors(Analysis::of($changed)->problems)), "change {$i}");
            }
        }
    }

    /** A stitch is found again at the place where it sits, on every round and whatever the lean. */
    public function testPlacesAndStitchesAgree(): void
    {
        foreach (self::plans() as $plan) {
            $piece = Analysis::of($plan)->pieces[0];
            $places = $piece->stages->frame;
            self::assertSame(\count($piece->stages->reading->rounds), $places->rounds());
            foreach ($piece->stages->reading->rounds as $round) {
                foreach ([1, intdiv($round->makes, 2), $round->makes] as $stitch) {
                    $degrees = $places->fromFront($round->number, $stitch);
                    self::assertGreaterThanOrEqual(-180.0 - 1e-9, $degrees);
                    self::assertLessThan(180.0 + 1e-9, $degrees);
                    self::assertSame($stitch, $places->stitch($round->number, $places->along($round->number, $degrees)));
                }
            }
        }
    }
}
