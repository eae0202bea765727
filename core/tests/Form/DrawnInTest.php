<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Form;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PieceWriter;
use Alternum\Core\Form\PieceForm;
use Alternum\Core\Form\RoundEdge;
use Alternum\Core\Plan\Finish\Drawn;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** What a thread through the middle does to a stuffed piece. How far it pulls is from memory; that it pulls there is geometry. */
final class DrawnInTest extends TestCase
{
    private static function ball(): PieceForm
    {
        return Analysis::of(Plans::of(Plans::ball(6)))->pieces[0]->stages->form;
    }

    public function testThePolesSinkAndTheWidestStays(): void
    {
        [$round, $drawn] = [self::ball(), self::ball()->drawnIn(new Drawn(8), false)];
        self::assertLessThan($round->height, $drawn->height);
        self::assertSame($round->width, $drawn->width);
        self::assertLessThan($round->volume, $drawn->volume);
        $levels = array_map(static fn (RoundEdge $edge): float => $edge->level, $drawn->outline);
        self::assertGreaterThan(min([\INF, ...$levels]), $levels[0], 'The pole lies below its shoulders: a dimple.');
        self::assertLessThan(max([0.0, ...$levels]), $levels[\count($levels) - 1]);
    }

    /** Eight grooves, evenly around, and between them as far out as before. */
    public function testAsManyGroovesAsSegments(): void
    {
        $lobes = self::ball()->drawnIn(new Drawn(8), false)->lobes;
        $least = min([1.0, ...$lobes]);
        $deep = array_keys(array_filter($lobes, static fn (float $lobe): bool => $lobe < $least + 1e-9));
        self::assertCount(8, $deep);
        self::assertSame([12], array_values(array_unique(array_map(static fn (int $i): int => $deep[$i] - $deep[$i - 1], range(1, 7)))), '96 angles by eight.');
        self::assertEqualsWithDelta(1.0, max([0.0, ...$lobes]), 1e-9);
        self::assertSame([], self::ball()->lobes);
    }

    public function testABaseIsDrawnFlatWhereThePieceStands(): void
    {
        foreach ([true, false] as $standsOnFirst) {
            $outline = self::ball()->drawnIn(new Drawn(base: true), $standsOnFirst)->outline;
            $end = $standsOnFirst ? \array_slice($outline, 0, 3) : \array_slice($outline, -3);
            $other = $standsOnFirst ? \array_slice($outline, -3) : \array_slice($outline, 0, 3);
            $level = static fn (RoundEdge $edge): string => (string) round($edge->level, 6);
            self::assertCount(1, array_unique(array_map($level, $end)), 'Flat within the ring that it stands on.');
            self::assertCount(3, array_unique(array_map($level, $other)), 'The other end stays round.');
        }
    }

    public function testTheScreenGetsIt(): void
    {
        $values = static function (array $finish): mixed {
            $analysis = Analysis::of(Plans::of(Plans::ball(6), [], ['finish' => $finish]));

            return PieceWriter::values($analysis->plan, $analysis->pieces[0], $analysis->lengths[0])['size'];
        };
        $drawn = $values(['drawn' => ['segments' => 8]]);
        self::assertIsArray($drawn);
        self::assertIsArray($drawn['lobes']);
        self::assertCount(96, $drawn['lobes']);
        self::assertArrayNotHasKey('lobes', (array) $values([]));
    }
}
