<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Colour;

use Alternum\Core\Analysis;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** Where spots come to lie, counted by hand. */
final class SpotsTest extends TestCase
{
    private const BALL = ['6 sc in MR', 'inc x6', '(sc, inc) x6', '(2 sc, inc) x6', 'R5-9: sc around', '(2 sc, dec) x6', '(sc, dec) x6', 'dec x6'];

    /**
     * @param array<string, mixed> $layer
     *
     * @return list<string> the letters of each round, on stitches that do not lean
     */
    private static function rounds(array $layer): array
    {
        return Analysis::of(Plans::of(self::BALL, [$layer], ['lean' => 0]))->pieces[0]->stages->colouring->rounds;
    }

    /** By hand: six spots on 24 stitches are four apart; half of it on where they are staggered. */
    public function testSpotsAreSpreadEvenly(): void
    {
        $spots = ['kind' => 'spots', 'yarn' => 'B', 'from' => 5, 'to' => 9, 'step' => 2, 'count' => 6, 'staggered' => true];
        $rounds = self::rounds($spots);
        $at = static fn (string $round): array => array_keys(array_filter(str_split($round), static fn (string $letter): bool => 'B' === $letter));
        $first = $at($rounds[4]);
        self::assertCount(6, $first);
        self::assertSame([4], array_values(array_unique(array_map(static fn (int $i): int => $first[$i + 1] - $first[$i], range(0, 4)))));
        self::assertSame([], $at($rounds[5]));
        $second = $at($rounds[6]);
        self::assertSame(2, abs($second[0] - $first[0]) % 4);
        self::assertSame($first, $at($rounds[8]));
    }

    /** By hand: one spot on 24 stitches, staggered, lies opposite in the next round that has one. */
    public function testASingleSpotIsStaggeredToTheOtherSide(): void
    {
        $spots = ['kind' => 'spots', 'yarn' => 'B', 'from' => 5, 'to' => 7, 'step' => 2, 'count' => 1, 'staggered' => true];
        $rounds = self::rounds($spots);
        self::assertSame([1, 1], [substr_count($rounds[4], 'B'), substr_count($rounds[6], 'B')]);
        self::assertSame(intdiv(\strlen($rounds[6]), 2), abs((int) strpos($rounds[6], 'B') - (int) strpos($rounds[4], 'B')));
    }

    /** By hand: every seventh of 24 stitches is three spots, seven apart, and three stitches are left behind them. */
    public function testSpotsCountedByStitches(): void
    {
        $round = self::rounds(['kind' => 'spots', 'yarn' => 'B', 'from' => 6, 'every' => 7])[5];
        self::assertSame(3, substr_count($round, 'B'));
        $gaps = array_map(strlen(...), explode('B', $round.$round));
        self::assertContains(6, $gaps);
        self::assertSame(
            3,
            substr_count(
                self::rounds(['kind' => 'spots', 'yarn' => 'B', 'from' => 6, 'every' => 7, 'wide' => 2, 'tall' => 2])[6],
                'BB',
            ),
        );
    }
}
