<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Edit\Paste;
use Alternum\Core\Edit\Pasted;
use Alternum\Core\Edit\Usual;
use Alternum\Core\Exchange\ReadingWriter;
use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Plan\Assembly\Joint;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Terms;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The first round of a body names the legs that it is worked on; a line that is worked on none may not. */
final class OtherPiecesTest extends TestCase
{
    #[TestWith(['ch 3, join to first leg with sc, 11 sc around leg 1, 3 sc along chain, 12 sc around leg 2, 3 sc along chain (30)'])]
    #[TestWith(['Ch 3, connect to the other leg with a sc, sc 11, sc 3 along the chain, sc 12 on second leg, sc 3 across the ch [30]'])]
    #[TestWith(['12 sc on left leg, 3 sc over the chain, 12 sc on the right leg, 3 sc over the chain'])]
    #[TestWith(['sc 12 around leg 1, sc in each of the 3 ch, sc 12 around leg 2, sc in each of the 3 ch'])]
    #[TestWith(['ch 3, join to first leg with a dc, 11 dc around first leg, 3 dc in chain, 12 dc around second leg, 3 dc along chain (30)'])]
    #[TestWith(['ch 3, join with sl st to the first leg, sc 12, sc 3 in ch, sc 12, sc 3 in ch'])]
    #[TestWith(['chain 3, sc into first leg, sc 11, sc 3 on chain, sc 12 on second leg, sc 3 on chain. [30]'])]
    #[TestWith(['ch 3. Take the first leg and sc 12 around it, sc 3 in the ch, sc 12 around the second leg, sc 3 in the other side of the ch'])]
    #[TestWith(['sc in each of the 12 sts of the first leg, sc in each of the 3 chs, sc in each of the 12 sts of the second leg, sc in each of the 3 chs'])]
    #[TestWith(['ch 2 and join to the first leg with a single crochet stitch, sc in next 12 st on the first leg, sc in both chain stitches, '
        .'sc in all 13 st on the second leg, sc in both chain stitches [30]'])]
    public function testWhereTheStitchesGoNeedsNoCounting(string $line): void
    {
        $read = Reader::read([$line], Terms::Us, on: 30);
        self::assertSame([], $read->errors());
        self::assertSame([30, 30], [$read->rounds[0]->uses, $read->rounds[0]->makes]);
    }

    /** What is worked on nothing is told: a round may not name a piece that the plan does not know of. */
    public function testItIsToldWhereThePieceBeginsOnNone(): void
    {
        self::assertNotSame([], Reader::read(['6 sc in MR', 'inc x6', '6 sc around first ear, 6 sc'], Terms::Us)->errors());
        self::assertNotSame([], Reader::read(['sc around', 'R2: 6 sc around first ear, 6 sc'], Terms::Us, on: 12)->errors());
    }

    /** Two legs that are two pieces are both begun on; one that is made twice is named once. */
    /** @param list<string> $keys */
    #[TestWith(['Leg 1', 'Leg 2', ['leg-1', 'leg-2']])]
    #[TestWith(['Left leg', 'Right leg', ['left-leg', 'right-leg']])]
    #[TestWith(['Leg (make 2)', null, ['leg', 'leg']])]
    public function testABodyBeginsOnBoth(string $one, ?string $other, array $keys): void
    {
        $leg = "1. 6 sc in MR (6)\n2. inc x6 (12)\n3-8. sc around (12)\n\n";
        $text = "{$one}\n{$leg}".(null === $other ? '' : "{$other}\n{$leg}")
            ."Body\n1. ch 3, join to first leg with sc, 11 sc, 3 sc along the chain, 12 sc around the second leg, 3 sc along the chain (30)\n2. sc around (30)";
        $body = \array_slice((new Paste('', $text, true))->apply(Usual::plan()->withPieces([]))->pieces, -1)[0];
        self::assertSame(['Body', Join::Bridge, 3, $keys], [$body->name, $body->start?->join, $body->start?->across, $body->start?->pieces]);
    }

    /** Two layers that are worked together under a heading of their own are an edging on both: each stitch takes one of either. */
    #[TestWith(['Hold both pieces together and sc through both layers all around (30)'])]
    #[TestWith(['sc around through both layers (30)'])]
    public function testAnEdgingIsWorkedThroughBothLayers(string $line): void
    {
        $disc = "R1: 6 sc in MR\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6 (30)\n";
        $plan = (new Paste('', "Front\n{$disc}\nBack\n{$disc}\nEdging\n{$line}", true))->apply(Usual::plan()->withPieces([]));
        $edging = $plan->pieces[2];
        self::assertSame(['Edging', Join::Layers, ['front', 'back']], [$edging->name, $edging->start?->join, $edging->start?->pieces]);
        self::assertSame([[], 30], [PieceReading::of($plan, $edging)->errors(), PieceReading::of($plan, $edging)->stitches()]);
        // Under no heading, or pressed flat, it closes the piece.
        $closed = "Arm\n{$disc}\nFinishing\nFlatten and 15 sc through both layers";
        self::assertCount(1, (new Paste('', $closed, true))->apply(Usual::plan()->withPieces([]))->pieces);
        self::assertCount(1, (new Paste('', "Arm\n{$disc}15 sc through both layers", true))->apply(Usual::plan()->withPieces([]))->pieces);
    }

    /**
     * Rounds that are counted on from the leg's: they are the body's own from 1 on, wherever a round of it is named. Heading or none, cut leg or not.
     *
     * @param list<string> $between
     */
    #[TestWith([['BODY']])]
    #[TestWith([['Fasten off the first leg, not the second.', '', 'BODY (in grey)']])]
    #[TestWith([['On the first leg cut the yarn. On the second leg continue:']])]
    public function testABodyThatCountsOnBeginsWithItsOwnFirst(array $between): void
    {
        $text = implode("\n", [
            'LEGS (make 2)', 'Rnd 1: 6 sc in MR (6)', 'Rnd 2: inc x6 (12)', 'Rnd 3-5: sc around (12)', ...$between,
            'Rnd 6: ch 3, join to the first leg with sc, 11 sc on the first leg, 3 sc on the chain, 12 sc on the second leg, 3 sc on the chain (30)',
            'Rnds 7-14: sc around (30)', 'Place the eyes between rounds 12 and 13, 6 stitches apart.', 'Rnd 15: (3 sc, dec) x6 (24)', 'Rnd 16: rep rnd 7 (24)',
            '', 'ARMS (make 2)', 'Rnd 1: 6 sc in MR (6)', 'Rnd 2-9: sc around (6)', '', 'ASSEMBLY',
            'Sew the arms to the body between rounds 13 and 14, 10 stitches apart.', 'Embroider a smile on the body below round 14.',
        ]);
        $plan = (new Paste('', $text, true))->apply(Usual::plan()->withPieces([]));
        self::assertSame(['Legs', 'Body', 'Arms'], array_map(static fn (Piece $piece): string => $piece->name, $plan->pieces));
        [$legs, $body] = $plan->pieces;
        self::assertSame([2, Join::Bridge, ['legs', 'legs']], [$legs->copies->count, $body->start?->join, $body->start?->pieces]);
        $reading = PieceReading::of($plan, $body);
        self::assertSame([[], 30 * 9 + 24 * 2], [$reading->errors(), $reading->stitches()]);
        self::assertContains('Rnds 2-9: sc around (30)', $body->rounds);
        self::assertContains('Place the eyes between rounds 7 and 8, 6 stitches apart.', $body->rounds);
        self::assertContains('Rnd 11: rep rnd 2 (24)', $body->rounds);
        $told = ReadingWriter::pasted(Pasted::of($text, $plan->withPieces([])), $plan->withPieces([]));
        self::assertStringContainsString('round 6 of the pattern is round 1 here', (string) json_encode($told));
        self::assertSame('# Assembly: Embroider a smile on the body below round 9.', $plan->pieces[2]->rounds[\count($plan->pieces[2]->rounds) - 1]);
        $joints = array_map(static fn (Joint $one): array => [$one->onto, $one->place->number, $one->place->apart], $plan->assembly);
        self::assertSame([['body', 8, 10.0]], $joints);
    }

    /** A round that names a leg where none was made goes on its piece, and is told. */
    public function testWhatNamesNoPieceThatIsThereBeginsNone(): void
    {
        $text = "Body\nR1: 12 sc in MR (12)\nR2: sc around (12)\nR3: ch 3, join to first leg with sc, 11 sc around first leg, 3 sc along ch (30)";
        self::assertCount(1, (new Paste('', $text, true))->apply(Usual::plan()->withPieces([]))->pieces);
    }

    /** "R1-6: as first leg" is that leg again under its own name. */
    public function testALegIsWorkedAsTheOther(): void
    {
        $text = "First leg\nR1: 6 sc in MR (6)\nR2: 6 inc (12)\nR3-6: 12 sc\nCut yarn.\nSecond leg\nR1-6: as first leg. Do not cut yarn.\nBody\n"
            .'R7: 12 sc, ch 2, 12 sc along first leg, 2 sc along ch (28)';
        $plan = (new Paste('', $text, true))->apply(Usual::plan()->withPieces([]));
        self::assertSame(['First leg', 'Second leg', 'Body'], array_map(static fn (Piece $piece): string => $piece->name, $plan->pieces));
        self::assertSame(['first-leg', 'second-leg'], $plan->pieces[2]->start?->pieces);
        foreach ($plan->pieces as $piece) {
            self::assertSame([], PieceReading::of($plan, $piece)->errors(), $piece->name);
        }
    }

    /** "In second ch from hook", "in next st" are places of a round, though a piece is called Cheeks or Star. */
    public function testAPlaceOfARoundIsNoPiece(): void
    {
        $text = "Cheeks (make 2)\nR1: 6 sc in MR (6)\nR2: (ch 4, sc in second ch from hook, sc 2, sl st in next st) x6\n\nStar\nR1: 5 sc in MR (5)\n"
            ."R2: ch 3, inc in next st, 4 sc in the next sts\n\nHair\nCh 20, sc in second ch from hook and in each ch across (19)";
        $plan = (new Paste('', $text, true))->apply(Usual::plan()->withPieces([]));
        self::assertSame(
            [['Cheeks', null], ['Star', null], ['Hair', null]],
            array_map(static fn (Piece $piece): array => [$piece->name, $piece->start?->join], $plan->pieces),
        );
    }
}
