<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Answers;

use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;

/** Plans that together use all that a plan can hold: the demo's, a few made by hand, and some by chance from one seed. */
final class Specimens
{
    private const BY_CHANCE = 10;
    private const METHODS = ['auto', 'plain', 'slip-stitch', 'drawn-loop'];

    /** @return array<string, Plan> */
    public static function all(): array
    {
        $plans = [];
        foreach (Plans::demoFiles() as $file) {
            $plans[basename($file, '.json')] = PlanReader::json((string) file_get_contents($file));
        }
        $plans['joined legs'] = self::onLegs('bridge');
        $plans['sewn legs'] = self::onLegs('seam');
        $plans['flag'] = self::flag();
        $plans['joined cap'] = self::cap();
        mt_srand(91);
        for ($i = 1; $i <= self::BY_CHANCE; ++$i) {
            $plans["chance {$i}"] = self::byChance();
        }

        return $plans;
    }

    private static function onLegs(string $join): Plan
    {
        $piece = static fn (string $key, array $lines, array $more): array => $more + [
            'key' => $key, 'name' => ucfirst($key), 'copies' => 1, 'worked' => 'spiral', 'rounds' => $lines, 'front' => ['degrees' => 180],
            'colours' => [], 'changes' => ['method' => 'auto'], 'placements' => [],
        ];

        return Plans::of([], plan: ['units' => 'imperial', 'yarnUse' => [
            'basis' => 'unravelled', 'unravelled' => ['stitches' => 20, 'cm' => 71], 'sparePercent' => 8, 'tailCm' => 12, 'sewingTailCm' => 35,
        ], 'pieces' => [
            $piece('leg', ['6 sc in MR', 'inc x6', 'R3-6: sc around'], ['copies' => 2, 'colours' => [Plans::stripes(3, 6, [['B', 1], ['A', 1]])]]),
            $piece('body', ['R1-4: sc around', 'R5: dec, sc around', 'R6-9: sc around', 'dec x3, sc around'], [
                'start' => ['join' => $join, 'pieces' => ['leg', 'leg'], 'across' => 2],
                'colours' => [['kind' => 'panel', 'yarn' => 'B', 'from' => 2, 'to' => 8, 'degrees' => 80, 'fromFront' => 10]],
                'placements' => [
                    ['key' => 'e', 'kind' => 'eyes', 'anchor' => 'round', 'number' => 6, 'apart' => 4],
                    ['key' => 'n', 'kind' => 'nose', 'anchor' => 'placement', 'of' => 'e', 'offset' => 1],
                ],
                'face' => ['from' => 5, 'to' => 8, 'degrees' => 100],
            ]),
            $piece('skirt', ['R1: inc around', 'R2-3: sc around'], ['start' => ['join' => 'opening', 'pieces' => ['body']]]),
        ]]);
    }

    private static function flag(): Plan
    {
        $rows = ['ch 21', 'Row 1: sc in 2nd ch from hook and across', 'Row 2-12: ch 1, turn, sc across', 'Row 13: ch 1, turn, dec, sc until 2 left, dec'];

        return Plans::of($rows, [
            Plans::stripes(1, 12, [['A', 3], ['B', 2]]),
            ['kind' => 'motif', 'rows' => ['BB.', 'B..', 'BBB'], 'round' => 5, 'fromFront' => -60],
            ['kind' => 'spots', 'yarn' => 'B', 'from' => 9, 'to' => 11, 'step' => 2, 'count' => 4, 'wide' => 2, 'tall' => 1, 'fromFront' => 0],
        ], ['worked' => 'rows'], ['terms' => 'us', 'hand' => 'left']);
    }

    private static function cap(): Plan
    {
        return Plans::of(['6 sc in MR', 'inc x6', '(sc, inc) x6', 'R4-8: sc around', 'R9: (hdc, hdc inc) x9', 'R10: dc around in BLO'], [
            Plans::stripes(4, 10, [['B', 1], ['A', 2]]),
            ['kind' => 'blend', 'yarn' => 'B', 'from' => 5, 'to' => 7],
        ], ['worked' => 'joined', 'closing' => 'back-loop', 'copies' => [['name' => 'one'], ['name' => 'two', 'yarns' => ['A' => 'B', 'B' => 'A']]]], [
            'marker' => 'last', 'gauge' => ['stitchesPer10cm' => 14, 'roundsPer10cm' => 15, 'hookMm' => 5.5],
        ]);
    }

    public static function byChance(): Plan
    {
        $lines = 0 === mt_rand(0, 2) ? [(6 * mt_rand(2, 6)).' sc in MR', 'R2-'.mt_rand(8, 20).': sc around'] : Plans::ball(mt_rand(4, 7));
        $rounds = \count($lines) > 2 ? \count($lines) : (int) explode('-', $lines[1])[1];
        $layers = array_map(static fn (): array => self::layer($rounds), range(1, mt_rand(2, 7)));

        return Plans::of($lines, $layers, [
            'lean' => mt_rand(-6, 6) / 10, 'front' => ['degrees' => mt_rand(0, 359)], 'firstRound' => ['top', 'bottom'][mt_rand(0, 1)],
            'changes' => ['method' => self::METHODS[mt_rand(0, 3)], 'at' => [['round' => mt_rand(2, $rounds), 'method' => 'plain']]],
            'placements' => [
                ['key' => 'a', 'kind' => 'eyes', 'anchor' => 'widest', 'offset' => mt_rand(-1, 1), 'apart' => mt_rand(2, 6)],
                ['key' => 'b', 'kind' => 'ears', 'anchor' => 'round', 'number' => mt_rand(3, 6), 'apart' => mt_rand(2, 5), 'fromFront' => mt_rand(-90, 90)],
            ],
            'face' => ['from' => 3, 'to' => mt_rand(4, 8), 'degrees' => mt_rand(30, 150)],
        ], [
            'hand' => ['right', 'left'][mt_rand(0, 1)], 'marker' => ['first', 'last'][mt_rand(0, 1)], 'floatStitches' => mt_rand(3, 8),
            'yarns' => array_map(static fn (string $key, string $hex, string $weight, int $grams): array => [
                'key' => $key, 'name' => '', 'hex' => $hex, 'weight' => $weight, 'metresPer100g' => 200, 'onHandGrams' => $grams, 'strands' => 'C' === $key
                    ? 2
                    : 1,
            ], ['A', 'B', 'C'], ['#F2EDE4', \sprintf('#%06X', mt_rand(0, 0xFFFFFF)), '#22252B'], ['dk', 'dk', 'fingering'], [50, 5, 100]),
        ]);
    }

    /** @return array<string, mixed> */
    private static function layer(int $rounds): array
    {
        $yarn = ['A', 'B', 'C'][mt_rand(0, 2)];
        $from = mt_rand(1, $rounds - 3);
        $to = mt_rand($from, $rounds);
        $turn = mt_rand(-180, 180);

        return match (mt_rand(0, 8)) {
            0 => Plans::stripes($from, $to, [['A', mt_rand(1, 3)], ['B', mt_rand(1, 5)], ['C', 1]]),
            1 => Plans::stripes($from, $to, [[$yarn, mt_rand(1, 3)]]),
            2 => [
                'kind' => 'band',
                'yarn' => $yarn,
                'where' => [['part' => 'growing'], ['part' => 'shrinking'], ['part' => 'last', 'rounds' => 3]][mt_rand(0, 2)],
            ],
            3 => ['kind' => 'run', 'round' => $from, 'from' => mt_rand(1, 6), 'to' => mt_rand(1, 6), 'yarn' => $yarn],
            4 => [
                'kind' => 'spots', 'yarn' => $yarn, 'from' => $from, 'to' => $to, 'step' => mt_rand(1, 4), 'count' => mt_rand(1, 6), 'wide' => mt_rand(1, 2),
                'tall' => mt_rand(1, 2), 'staggered' => 1 === mt_rand(0, 1), 'fromFront' => $turn,
            ],
            5 => ['kind' => 'motif', 'rows' => ['B.B', 'AB.', '.B.'], 'round' => $from, 'fromFront' => $turn, 'straight' => 1 === mt_rand(0, 1)],
            6 => ['kind' => 'panel', 'yarn' => $yarn, 'from' => $from, 'to' => $to, 'degrees' => mt_rand(20, 360), 'fromFront' => $turn],
            7 => ['kind' => 'blend', 'yarn' => $yarn, 'from' => $from, 'to' => $to],
            default => ['kind' => 'hand', 'rounds' => [(string) $from => str_repeat('.', mt_rand(0, 4)).$yarn]],
        };
    }
}
