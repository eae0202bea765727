<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Exchange;

use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is wrong in a file is told at its path, for all that a piece's colours and places can say. */
final class LayerFormatTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, string}> fields of a piece, and the path that is told */
    public static function wrongPieces(): iterable
    {
        $layer = static fn (array $layer): array => ['colours' => [$layer]];
        yield 'a kind that is not known' => [$layer(['kind' => 'sparkle', 'yarn' => 'A']), 'colours[0].kind'];
        yield 'a field that is not known' => [$layer(['kind' => 'fill', 'yarn' => 'A', 'glow' => 1]), 'colours[0].glow'];
        yield 'a name of two lines' => [$layer(['kind' => 'fill', 'yarn' => 'A', 'name' => "a\nb"]), 'colours[0].name'];
        yield 'hidden by a word' => [$layer(['kind' => 'fill', 'yarn' => 'A', 'hidden' => 'yes']), 'colours[0].hidden'];
        yield 'a band of no part' => [$layer(['kind' => 'band', 'yarn' => 'A', 'where' => ['part' => 'middle']]), 'colours[0].where.part'];
        yield 'a band of no rounds' => [$layer(['kind' => 'band', 'yarn' => 'A', 'where' => ['part' => 'first', 'rounds' => 0]]), 'colours[0].where.rounds'];
        yield 'a band of nowhere' => [$layer(['kind' => 'band', 'yarn' => 'A']), 'colours[0].where'];
        yield 'spots without a number' => [$layer(['kind' => 'spots', 'yarn' => 'A', 'from' => 3]), 'colours[0].count'];
        yield 'spots told twice' => [$layer(['kind' => 'spots', 'yarn' => 'A', 'from' => 3, 'count' => 2, 'every' => 7]), 'colours[0].count'];
        yield 'spots of no width' => [$layer(['kind' => 'spots', 'yarn' => 'A', 'from' => 3, 'count' => 2, 'wide' => 0]), 'colours[0].wide'];
        yield 'a motif of uneven rows' => [$layer(['kind' => 'motif', 'rows' => ['AB', 'A'], 'round' => 3]), 'colours[0].rows'];
        yield 'a motif of no rows' => [$layer(['kind' => 'motif', 'rows' => [], 'round' => 3]), 'colours[0].rows'];
        yield 'a motif of small letters' => [$layer(['kind' => 'motif', 'rows' => ['ab'], 'round' => 3]), 'colours[0].rows[0]'];
        yield 'a motif out of the way' => [$layer(['kind' => 'motif', 'rows' => ['A'], 'round' => 3, 'fromFront' => 400]), 'colours[0].fromFront'];
        yield 'a panel of no width' => [$layer(['kind' => 'panel', 'yarn' => 'A', 'from' => 1, 'to' => 2, 'degrees' => 0]), 'colours[0].degrees'];
        yield 'a blend of half a round' => [$layer(['kind' => 'blend', 'yarn' => 'A', 'from' => 1.5, 'to' => 2]), 'colours[0].from'];
        yield 'a spiral of one yarn' => [$layer(['kind' => 'helix', 'yarns' => ['A'], 'from' => 1, 'to' => 2]), 'colours[0].yarns'];
        yield 'stitches by hand in no round' => [$layer(['kind' => 'hand', 'rounds' => ['zero' => 'A']]), 'colours[0].rounds.zero'];
        yield 'stitches by hand in no yarn' => [$layer(['kind' => 'hand', 'rounds' => ['3' => 'A?']]), 'colours[0].rounds.3'];
        yield 'a placement of no kind' => [['placements' => [['kind' => 'horn', 'anchor' => 'round', 'number' => 3]]], 'placements[0].kind'];
        yield 'a placement of no anchor' => [['placements' => [['kind' => 'eyes', 'number' => 3]]], 'placements[0].anchor'];
        yield 'a placement of no round' => [['placements' => [['kind' => 'eyes', 'anchor' => 'round']]], 'placements[0].number'];
        yield 'the widest with a number' => [['placements' => [['kind' => 'eyes', 'anchor' => 'widest', 'number' => 3]]], 'placements[0].number'];
        yield 'eyes that are not apart' => [['placements' => [['kind' => 'eyes', 'anchor' => 'round', 'number' => 3, 'apart' => 0]]], 'placements[0].apart'];
        yield 'a face of no width' => [['face' => ['from' => 3, 'to' => 5]], 'face.degrees'];
        yield 'a chain that half counts' => [['chainCounts' => 1], 'chainCounts'];
        yield 'closed in no way' => [['closing' => 'knot'], 'closing'];
        yield 'loops of no round' => [['start' => ['join' => 'loops', 'pieces' => ['leg']]], 'start.round'];
        yield 'picked in no way' => [['start' => ['join' => 'opening', 'pieces' => ['leg'], 'take' => ['from' => 3]]], 'start.take.to'];
        yield 'a rim of two' => [['start' => ['join' => 'rim', 'pieces' => ['leg', 'leg']]], 'start.pieces'];
        yield 'a seam that picks' => [['start' => ['join' => 'seam', 'pieces' => ['leg', 'leg'], 'across' => 2, 'take' => ['stitches' => 3]]], 'start.take'];
    }

    /** @param array<string, mixed> $piece */
    #[DataProvider('wrongPieces')]
    public function testTellsWhere(array $piece, string $path): void
    {
        try {
            Plans::of(['6 sc in MR'], [], $piece);
            self::fail("“{$path}” must be refused.");
        } catch (InvalidFields $refusal) {
            self::assertContains("pieces[0].{$path}", array_map(static fn (Problem $problem): ?string => $problem->path, $refusal->problems));
            foreach ($refusal->problems as $problem) {
                self::assertNotSame('', MessageWords::mend($problem->message));
            }
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrongEdits(): iterable
    {
        $body = ['piece' => 'body'];
        yield 'an edit that is not known' => [['do' => 'polish'] + $body, 'do'];
        yield 'stitches of no cells' => [['do' => 'stitches', 'cells' => [], 'yarn' => 'A'] + $body, 'cells'];
        yield 'stitches in no yarn' => [['do' => 'stitches', 'cells' => [['round' => 1, 'from' => 1, 'to' => 2]], 'yarn' => 'a'] + $body, 'yarn'];
        yield 'a cell of no round' => [['do' => 'stitches', 'cells' => [['from' => 1, 'to' => 2]], 'yarn' => 'A'] + $body, 'cells[0].round'];
        yield 'a motif of nothing' => [['do' => 'motif', 'yarn' => 'A'] + $body, 'shape'];
        yield 'a lean over no rounds' => [['do' => 'lean', 'rounds' => 0, 'stitches' => 3] + $body, 'rounds'];
        yield 'a size of nothing' => [['do' => 'size', 'widthMm' => 1] + $body, 'widthMm'];
        yield 'a cone of no angle' => [
            ['do' => 'shape', 'form' => 'cone', 'start' => 6, 'widthStitches' => 30, 'tipDegrees' => 0, 'spread' => 'stacked', 'decrease' => 'dec'] + $body,
            'tipDegrees',
        ];
        yield 'a form of no size' => [['do' => 'shape', 'form' => 'ball', 'start' => 6, 'spread' => 'stacked', 'decrease' => 'dec'] + $body, 'widthMm'];
        yield 'nothing pasted' => [['do' => 'paste'] + $body, 'text'];
        yield 'bobbles of no layer' => [['do' => 'bobbles', 'layer' => -1] + $body, 'layer'];
        yield 'stripes that grow too fast' => [
            ['do' => 'stripes', 'from' => 1, 'to' => 9, 'sequence' => [['yarn' => 'A', 'rounds' => 1]], 'growth' => 99] + $body,
            'growth',
        ];
    }

    /** @param array<string, mixed> $edit */
    #[DataProvider('wrongEdits')]
    public function testEditsTellWhereToo(array $edit, string $path): void
    {
        try {
            EditKinds::read($edit, 'edits[0]');
            self::fail("“{$path}” must be refused.");
        } catch (InvalidFields $refusal) {
            self::assertContains("edits[0].{$path}", array_map(static fn (Problem $problem): ?string => $problem->path, $refusal->problems));
        }
    }

    /** What says the same by leaving it out is read the same. */
    public function testWhatIsLeftOut(): void
    {
        $short = Plans::values(
            ['6 sc in MR'],
            [['kind' => 'spots', 'yarn' => 'B', 'from' => 3, 'count' => 2], ['kind' => 'motif', 'rows' => ['B'], 'round' => 1]],
            ['placements' => [['kind' => 'tail', 'anchor' => 'widest']]],
        );
        $long = Plans::values(['6 sc in MR'], [
            [
                'kind' => 'spots', 'yarn' => 'B', 'from' => 3, 'to' => 3, 'step' => 1, 'count' => 2, 'wide' => 1, 'tall' => 1,
                'staggered' => false, 'fromFront' => 0, 'name' => '', 'hidden' => false,
            ],
            ['kind' => 'motif', 'rows' => ['B'], 'round' => 1, 'fromFront' => 0, 'straight' => true],
        ], [
            'placements' => [['kind' => 'tail', 'name' => '', 'anchor' => 'widest', 'offset' => 0, 'fromFront' => 0]],
            'chainCounts' => false,
            'closing' => 'first-stitch',
        ], ['marker' => 'first']);
        self::assertEquals(PlanReader::values($short), PlanReader::values($long));
    }
}
