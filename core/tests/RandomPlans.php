<?php

declare(strict_types=1);

namespace Alternum\Core\Tests;

use Alternum\Core\Plan\Plan;

/** Plans made by chance, from the seed that the test sets. */
final class RandomPlans
{
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

    /**
     * @param array<string, mixed> $piece fields that all of them have
     *
     * @return iterable<Plan> pieces whose shape and layers are chance's
     */
    public static function some(int $tries, array $piece = []): iterable
    {
        for ($try = 0; $try < $tries; ++$try) {
            $lines = Plans::ball(mt_rand(3, 7));
            $layers = array_map(static fn (): array => self::layer(\count($lines)), range(1, mt_rand(1, 6)));
            yield Plans::of($lines, $layers, ['lean' => mt_rand(-6, 6) / 10, 'front' => ['degrees' => mt_rand(0, 359)]] + $piece);
        }
    }
}
