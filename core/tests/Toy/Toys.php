<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Toy;

use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;

/** Toys for the tests. */
final class Toys
{
    /**
     * @param list<array<string, mixed>> $joints
     * @param list<array<mixed>>         $pieces more pieces
     */
    public static function withParts(array $joints, array $pieces = []): Plan
    {
        $usual = ['part' => 'ear', 'onto' => 'body', 'at' => ['anchor' => 'round', 'number' => 5]];
        $joints = array_map(
            static fn (array $one, int $i): array => $one + ['key' => 'j'.($i + 1)] + $usual,
            $joints,
            array_keys($joints),
        );

        return Plans::of([], [], [], [
            'gauge' => ['stitchesPer10cm' => 20, 'roundsPer10cm' => 20],
            'pieces' => [
                Plans::piece('body', Plans::ball(6), ['name' => 'Body']),
                Plans::piece('ear', ['6 sc in MR', 'inc x6', 'R3-6: sc around'], ['name' => 'Ear', 'copies' => 2]),
                Plans::piece('arm', ['6 sc in MR', '(sc, inc) x3', 'R3-12: sc around'], ['name' => 'Arm', 'copies' => 2]),
                ...$pieces,
            ],
            'assembly' => $joints,
        ]);
    }
}
