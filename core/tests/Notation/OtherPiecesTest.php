<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Edit\Paste;
use Alternum\Core\Edit\Usual;
use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Plan\Join;
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
}
