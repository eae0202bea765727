<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making;

use Alternum\Core\Analysis;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Plan\Finish\PieceEnd;
use Alternum\Core\Plan\Finish\RingDrawn;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Tail;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Pieces as makers write them, each with a construction or an end of its own. The counts were worked out by hand. */
final class JobsTest extends TestCase
{
    private const DOME = ['6 sc in MR', 'inc x6', '(sc, inc) x6', 'Rnd 4: (8 sc, inc) x2 (20)', 'Rnd 5: sc around (20)'];
    private const PANEL = ['ch 11', 'sk 1, 10 sc', 'Rows 2-8: ch 1, turn, sc across (10)'];

    /** @return iterable<string, array{list<array<string, mixed>>, int, array<string, mixed>}> pieces, the last one's stitches, how it ends */
    public static function jobs(): iterable
    {
        yield 'a marble, closed' => [self::alone([
            'Rnd 1: 6 sc in magic ring (6)', 'Rnd 2: inc in each st around (12)', 'Rnd 3: *sc in next st, inc in next st; rep from * around (18)',
            'Rnds 4-6: sc in each st around (18)', 'Rnd 7: *sc in next st, dec; rep from * around (12)', 'Stuff firmly.', 'Rnd 8: dec x6 (6)',
            'Fasten off, leaving a 20 cm tail. Thread it through the front loops of the 6 sts, pull tight and weave in.',
        ]), 6, ['end' => PieceEnd::FrontLoops, 'tailCm' => 20.0, 'firmness' => Firmness::Firm]];
        yield 'leaves around a stalk' => [self::alone([
            'R1: 8 sc in MR (8)',
            'R2: (ch 6, sl st in 2nd ch from hook, sc in next ch, hdc in next 2 ch, dc in next ch, sl st in next st) x8 (8)',
            'Fasten off. Do not stuff.',
        ]), 8, ['firmness' => Firmness::None]];
        yield 'feelers' => [self::alone([
            'R1: 6 sc in MR', 'R2: 2 sc, ch 9, sl st in 2nd ch from hook and in each ch back to the round, 2 sc, '
                .'ch 9, sl st in 2nd ch from hook and in each ch back to the round, 2 sc (6)', 'R3: sc around (6)',
        ]), 6, []];
        yield 'lashes on a lid' => [self::alone([
            'R1: 6 sc in MR (6)', 'R2: inc x6 (12)', 'R3: 6 sc, (ch 4, sl st in 2nd ch from hook, sl st in next 2 ch, sl st in next st) x6 (12)',
            'Fasten off, leaving a long tail for sewing.',
        ]), 12, ['end' => PieceEnd::Sewn, 'tailCm' => 40.0]];
        yield 'a small wing' => [self::alone([
            'R1: 6 sc in MR (6)', 'R2: sl st, ch 3, dc2tog in same st, ch 3, sl st in same st, 5 sc (6)', 'Leave open.',
        ]), 6, ['end' => PieceEnd::Open]];
        yield 'an edged panel' => [[
            ['key' => 'panel', 'worked' => 'rows', 'rounds' => self::PANEL],
            ['key' => 'edging', 'worked' => 'joined', 'rounds' => ['R1: sc around (36)'], 'start' => ['join' => 'edge', 'pieces' => ['panel']]],
        ], 36, ['end' => PieceEnd::Open, 'firmness' => Firmness::None]];
        yield 'a cushion of two panels' => [[
            ['key' => 'panel', 'worked' => 'rows', 'copies' => 2, 'rounds' => self::PANEL],
            ['key' => 'edging', 'worked' => 'joined', 'rounds' => ['R1: sc around (36)'], 'start' => ['join' => 'edges', 'pieces' => ['panel', 'panel']]],
        ], 36, ['firmness' => Firmness::Light]];
        yield 'a frill along three rounds' => [[
            ['key' => 'tube', 'rounds' => ['12 sc in MR', 'R2-4: sc around in BLO', 'R5: sc around']],
            ['key' => 'frill', 'rounds' => ['R1: sl st around (36)'], 'start' => ['join' => 'spiral-loops', 'pieces' => ['tube'], 'round' => 1, 'to' => 3]],
        ], 36, []];
        yield 'a fin up one side and down the other' => [[
            ['key' => 'tube', 'rounds' => ['12 sc in MR', 'R2-10: sc around']],
            ['key' => 'fin', 'worked' => 'rows', 'rounds' => ['Row 1: sc across (14)'],
                'start' => ['join' => 'side', 'pieces' => ['tube'], 'round' => 2, 'to' => 8]],
        ], 14, []];
        foreach ([30 => [], 35 => ['counts' => true]] as $makes => $counts) {
            yield "two domes that leave {$makes}" => [[
                ['key' => 'dome', 'copies' => 2, 'rounds' => self::DOME],
                [
                    'key' => 'rest', 'rounds' => ["R1: sc around ({$makes})"],
                    'start' => ['join' => 'seam', 'pieces' => ['dome', 'dome'], 'across' => 5] + $counts,
                ],
            ], $makes, []];
        }
        yield 'a disc with a stitch in the gap' => [[
            ['key' => 'disc', 'worked' => 'joined', 'rounds' => ['R1: 6 sc in MR', 'R2: ch 1, inc x6 (12)']],
            ['key' => 'wall', 'rounds' => ['R1: sc around (13)'], 'start' => ['join' => 'opening', 'pieces' => ['disc'], 'gap' => true]],
        ], 13, []];
        yield 'a pot with a needle join' => [self::alone([
            'R1: 6 sc in MR (6)', 'R2: inc x6 (12)', 'R3: (sc, inc) x6 (18)', 'R4: sc around in BLO (18)', 'R5-7: sc around (18)', 'Finish with a needle join.',
        ]), 18, ['end' => PieceEnd::NeedleJoin]];
        yield 'drawn in to segments' => [self::alone([
            ...Plans::ball(5), 'Fasten off. Thread the tail through the front loops and pull closed.',
            'Take the tail through the middle from pole to pole 6 times, pull each in.',
        ]), 6, ['end' => PieceEnd::FrontLoops, 'segments' => 6]];
        yield 'a flat base' => [self::alone([...Plans::ball(5), 'Draw the base flat with the tail.']), 6, ['end' => PieceEnd::FrontLoops, 'base' => true]];
        yield 'turned on the way, sewn flat' => [self::alone([
            'R1: 6 sc in MR (6)', 'R2: inc x6 (12)', 'R3-4: sc around (12)', 'Turn right side out.', 'R5-9: sc around (12)', 'Stuff lightly.',
            'Fasten off, leaving a 30 cm tail, to sew it on flat.',
        ]), 12, ['end' => PieceEnd::Sewn, 'tailCm' => 30.0, 'turned' => 4, 'firmness' => Firmness::Light]];
        yield 'hung by its starting tail' => [self::alone([
            'R1: 6 sc in MR (6)', 'Leave the starting tail outside, to hang it by.', 'R2: inc x6 (12)', 'R3: sc around (12)', 'R4: dec x6 (6)',
        ]), 6, ['start' => Tail::Keep, 'end' => PieceEnd::FrontLoops]];
        yield 'ring at once, tail crocheted over' => [self::alone([
            'R1: 6 sc in MR (6). Pull the ring tight.', 'R2: inc x6, crochet over the starting tail (12)', 'R3: sc around (12)',
        ]), 12, ['ring' => RingDrawn::AtOnce, 'start' => Tail::Over]];
        yield 'an ear across both sides' => [self::alone([
            'R1: 6 sc in MR (6)', 'R2: inc x6 (12)', 'R3-6: sc around (12)', 'Do not stuff. Flatten and work 6 sc through both sides.',
        ]), 12, ['end' => PieceEnd::Flat, 'firmness' => Firmness::None]];
        yield 'closed, wound twice' => [self::alone([
            ...Plans::ball(4), 'Fasten off. Weave the tail through the front loops twice and pull closed.',
        ]), 6, ['end' => PieceEnd::Twice]];
        yield 'closed over every second stitch' => [self::alone([
            ...\array_slice(Plans::ball(4), 0, -1), 'Fasten off. Thread the tail through every second stitch, pull closed.',
        ]), 12, ['end' => PieceEnd::EverySecond]];
        yield 'a chain that closes to a loop' => [self::alone([
            'ch 20, join with sl st to form a ring, sc in each ch around (20)', 'R2: sc around (20)',
        ]), 20, ['ring' => null]];
    }

    /**
     * @param list<string> $lines
     *
     * @return list<array<string, mixed>>
     */
    private static function alone(array $lines): array
    {
        return [['key' => 'body', 'rounds' => $lines]];
    }

    /**
     * @param list<array<string, mixed>> $pieces
     * @param array<string, mixed>       $ends
     */
    #[DataProvider('jobs')]
    public function testIsLedToItsEnd(array $pieces, int $makes, array $ends): void
    {
        $plan = self::plan($pieces);
        $analysis = Analysis::of($plan);
        self::assertSame([], Problem::errors($analysis->problems));
        $last = $analysis->pieces[\count($pieces) - 1];
        $rounds = $last->stages->reading->rounds;
        self::assertSame($makes, $rounds[\count($rounds) - 1]->makes);
        $finishing = $last->finishing;
        $is = [
            'end' => $finishing->end, 'tailCm' => $finishing->tailCm, 'firmness' => $finishing->firmness, 'turned' => $finishing->turned,
            'start' => $finishing->start, 'ring' => $finishing->ring, 'segments' => $finishing->drawn->segments, 'base' => $finishing->drawn->base,
        ];
        self::assertSame($ends, array_intersect_key(array_replace($ends, $is), $ends));
    }

    /** @param list<array<string, mixed>> $pieces */
    private static function plan(array $pieces): Plan
    {
        return Plans::of([], plan: ['pieces' => array_map(static fn (array $piece): array => $piece + [
            'name' => ucfirst(\is_string($piece['key']) ? $piece['key'] : ''), 'copies' => 1, 'worked' => 'spiral', 'front' => ['degrees' => 180],
            'colours' => [], 'changes' => ['method' => 'auto'],
        ], $pieces)]);
    }
}
