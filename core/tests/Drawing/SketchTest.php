<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Drawing;

use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Drawing\Stroke;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What a sketch is put together from, stroke by stroke: stitch n stands at 18 n + 18, its top at 44 in the upper row and at 68 in the lower one. Looked
 * at in the station, and by hand: a hook lies 8 above the stitch that it is over, and 8 to its left where it goes in.
 */
final class SketchTest extends TestCase
{
    /** @return iterable<string, array{Sketch, list<string>}> */
    public static function parts(): iterable
    {
        $blank = Sketch::blank(...);
        yield 'rows' => [Sketch::rows('o n', 'n'), [
            'new M13 73L18 89L23 73',
            'new M9 68q9 9 18 0',
            'new M9 68q9 -9 18 0',
            'old M13 49L18 65L23 49',
            'old M9 44q9 9 18 0',
            'old M9 44q9 -9 18 0',
            'new M49 49L54 65L59 49',
            'new M45 44q9 9 18 0',
            'new M45 44q9 -9 18 0',
        ]];
        yield 'hook' => [$blank()->hook(2, 'on', Ink::New), [
            'old M45 44Q58 44 63 38',
            'hook M54 36q-6 1 -5 -5m5 5l44 -30',
            'old M60 23c8 -4 10 8 3 15',
            'new M68 17.5c8 -4 10 8 3 15',
            'new M106 62C78 62 50 46 50 31q5 -4 8 3',
        ]];
        yield 'into' => [$blank()->into(2, 'o', Ink::Old), [
            'hook M46 50q-6 1 -5 -5m5 5l44 -30',
            'old M64 29c8 -4 10 8 3 15',
            'old M45 44q9 9 18 0',
            'old M45 44q9 -9 18 0',
            'old M98 76C70 76 42 60 42 45q5 -4 8 3',
        ]];
        yield 'into lower front' => [$blank()->into(1, '', null, Ink::New, true, true), [
            'hook M28 74q-6 1 -5 -5m5 5l44 -30',
            'new M27 68q9 9 18 0',
        ]];
        yield 'loop' => [$blank()->loop(2, Ink::New), [
            'new M62 42c-7 -10 -3 -20 3 -20s9 10 1 20',
        ]];
        yield 'through' => [$blank()->through(3, Ink::New), [
            'new M71 76c-12 -12 -8 -34 0 -34s12 22 2 34',
            'old M63 68q9 9 18 0',
        ]];
        yield 'through upper' => [$blank()->through(3, Ink::Old, Ink::New, false), [
            'old M71 52c-12 -12 -8 -34 0 -34s12 22 2 34',
            'new M63 44q9 9 18 0',
        ]];
        yield 'behind' => [$blank()->behind(Ink::Old, 1, 4), [
            'old M42 56Q65 70 88 56',
        ]];
        yield 'tail' => [$blank()->tail(Ink::Old, 2), [
            'old M58 58q-6 7.5 1 15t-2 15',
        ]];
        yield 'woven' => [$blank()->woven(Ink::New, 1, 3), [
            'new M36 58q9 -9 18 0q9 9 18 0',
        ]];
        yield 'needle' => [$blank()->needle(2, Ink::Old), [
            'needle M48 52l44 -26m-5 3l5 -6l3 3z',
            'old M91 27q14 2 8 16t10 18',
        ]];
        yield 'knot' => [$blank()->knot(2, Ink::Old, Ink::New), [
            'old M58 60q-10 -8 2 -8t2 12q-10 8 -8 14',
            'new M66 60q10 -8 -2 -8t-2 12q10 8 8 14',
        ]];
        yield 'scissors' => [$blank()->scissors(3), [
            'thing M78 78l22 8m0 0a4 4 0 1 0 6 4a4 4 0 1 0 -6 -4M78 80l22 -8m0 0a4 4 0 1 1 6 -4a4 4 0 1 1 -6 4',
        ]];
        yield 'marker' => [$blank()->marker(1), [
            'thing M32 45v-16a4 4 0 1 1 8 0v12a3 3 0 0 1 -6 0v-8',
        ]];
        yield 'way' => [$blank()->way(10, 20, 40, 20), [
            'way M10 20Q25 8 40 20M37.7 14.5L40 20L34.1 19.0',
        ]];
        yield 'part' => [$blank()->part(2), [
            'thing M46 52a16 16 0 1 0 32 0a16 16 0 1 0 -32 0M58 52h.1M66 52h.1',
        ]];
        yield 'needle lower' => [$blank()->needle(2, Ink::New, true), [
            'needle M48 76l44 -26m-5 3l5 -6l3 3z',
            'new M91 51q14 2 8 16t10 18',
        ]];
    }

    /** @param list<string> $strokes */
    #[DataProvider('parts')]
    public function testIsDrawnWhereItsStitchStands(Sketch $sketch, array $strokes): void
    {
        self::assertSame($strokes, array_map(static fn (Stroke $stroke): string => "{$stroke->ink->value} {$stroke->path}", $sketch->strokes()));
    }
}
