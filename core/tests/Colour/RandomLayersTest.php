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
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** What holds for any layers on any piece, tried on many made by chance, from one seed. */
final class RandomLayersTest extends TestCase
{
    private const TRIES = 120;

    protected function setUp(): void
    {
        mt_srand(20);
    }

    /** @return array<string, mixed> */
    private static function layer(int $rounds): array
    {
        $yarn = ['A', 'B'][mt_rand(0, 1)];
        $from = mt_rand(1, $rounds);
        $to = mt_rand($from, $rounds);
        $turn = mt_rand(-180, 180);

        return match (mt_rand(0, 9)) {
            0 => ['kind' => 'fill', 'yarn' => $yarn],
            1 => [
                'kind' => 'stripes',
                'from' => $from,
                'to' => $to,
                'sequence' => [['yarn' => 'A', 'rounds' => mt_rand(1, 3)], ['yarn' => 'B', 'rounds' => mt_rand(1, 3)]],
            ],
            2 => [
                'kind' => 'band',
                'yarn' => $yarn,
                'where' => [
                    ['part' => 'growing'],
                    ['part' => 'even'],
                    ['part' => 'shrinking'],
                    ['part' => 'last', 'rounds' => mt_rand(1, $rounds)],
                    ['part' => 'rounds', 'from' => $from, 'to' => $to],
                ][mt_rand(0, 4)],
            ],
            3 => ['kind' => 'run', 'round' => $from, 'from' => mt_rand(1, 6), 'to' => mt_rand(1, 6), 'yarn' => $yarn],
            4 => [
                'kind' => 'spots', 'yarn' => $yarn, 'from' => $from, 'to' => $to, 'step' => mt_rand(1, 4),
                'count' => mt_rand(1, 9), 'wide' => mt_rand(1, 3), 'tall' => mt_rand(1, 3), 'staggered' => 1 === mt_rand(0, 1),
                'fromFront' => $turn,
            ],
            5 => [
                'kind' => 'motif',
                'rows' => array_fill(0, min(3, $rounds - $from + 1), ['B.B', 'AB.', '.B.'][mt_rand(0, 2)]),
                'round' => $from,
                'fromFront' => $turn,
                'straight' => 1 === mt_rand(0, 1),
            ],
            6 => ['kind' => 'panel', 'yarn' => $yarn, 'from' => $from, 'to' => $to, 'degrees' => mt_rand(1, 360), 'fromFront' => $turn],
            9 => ['kind' => 'helix', 'from' => $from, 'to' => $to, 'yarns' => ['B', 'A']],
            7 => ['kind' => 'blend', 'yarn' => $yarn, 'from' => $from, 'to' => $to],
            default => ['kind' => 'hand', 'rounds' => [(string) $from => str_repeat('.', mt_rand(0, 4)).$yarn]],
        };
    }

    /** @return iterable<Plan> pieces whose shape and layers are chance's */
    private static function plans(): iterable
    {
        for ($try = 0; $try < self::TRIES; ++$try) {
            $lines = Plans::ball(mt_rand(3, 7));
            $layers = array_map(static fn (): array => self::layer(\count($lines)), range(1, mt_rand(1, 6)));
            yield Plans::of($lines, $layers, ['lean' => mt_rand(-6, 6) / 10, 'front' => ['degrees' => mt_rand(0, 359)]]);
        }
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
            $told = \count(Analysis::of($plan)->problems);
            $lines = $plan->pieces[0]->rounds;
            foreach ([
                (new Resize('body', 1, 0))->apply($plan),
                (new Resize('body', 0, 3))->apply($plan),
                (new Renumber('body'))->apply((new Retype('body', [...\array_slice($lines, 0, 3), 'sc around', ...\array_slice($lines, 3)]))->apply($plan)),
            ] as $i => $changed) {
                self::assertCount($before, $changed->pieces[0]->colours, "change {$i}");
                self::assertLessThanOrEqual($told, \count(Analysis::of($changed)->problems), "change {$i}");
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
