<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\Paste;
use Alternum\Core\Edit\Pasted;
use Alternum\Core\Edit\Usual;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\PieceStages;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Parts of a pasted pattern: where each begins, and how it is worked. */
final class PastedPartsTest extends TestCase
{
    private const BALL = "R1: 6 sc in MR\nR2: inc x6 (12)\nR3: sc around\n";

    /** @return list<Piece> */
    private static function pasted(string $text): array
    {
        return (new Paste('', $text, true))->apply(Usual::plan()->withPieces([]))->pieces;
    }

    // A part’s name may begin with what cues are about; what is to be done is none.
    /** @param list<string> $names */
    #[TestWith(["Tail fin\n", ['Body', 'Tail fin']])]
    #[TestWith(["Eye patch\n", ['Body', 'Eye patch']])]
    #[TestWith(["Nose tip (make 2)\n", ['Body', 'Nose tip']])]
    #[TestWith(["Tail\n", ['Body', 'Tail']])]
    #[TestWith(["TAIL - in A\n", ['Body', 'Tail']])]
    #[TestWith(["Leaf x 3 - Color B\n", ['Body', 'Leaf']])]
    #[TestWith(["Spot (x2 white)\n", ['Body', 'Spot']])]
    #[TestWith(["Cap, with brown\n", ['Body', 'Cap']])]
    #[TestWith(["Shoes: Start with black\n", ['Body', 'Shoes']])]
    #[TestWith(["Horn:\nStart with a magic ring\n", ['Body', 'Horn']])]
    #[TestWith(["Wing *2\n", ['Body', 'Wing']])]
    #[TestWith(["FO\n\nWing\n", ['Body', 'Wing']])]
    #[TestWith(["sl st, FO, leave a tail\n\nWing\n", ['Body', 'Wing']])]
    #[TestWith(["- stuff -\n\nWing\n", ['Body', 'Wing']])]
    public function testAPartIsCalledByItsName(string $heading, array $names): void
    {
        $pieces = self::pasted("Body\n".self::BALL."Fasten off. Sew to both sides.\n\n{$heading}".self::BALL);
        self::assertSame($names, array_map(static fn (Piece $piece): string => $piece->name, $pieces));
    }

    #[TestWith(["R1: ch 5, sc in 2nd ch from hook, sc in next 3 ch (4)\nR2: ch 1, turn, sc, dec, sc (3)", Worked::Rows])]
    #[TestWith(["1) ch 5, 4 sc\n2) turn, ch 1, 4 sc", Worked::Rows])]
    #[TestWith(["R1: 6 sc in MR\nR2: ch 1, turn, inc x6", Worked::Spiral])]
    #[TestWith(["R1: 6 sc in MR\nR2: inc x6", Worked::Spiral])]
    #[TestWith(["Ch 11.\n1: sc in 2nd ch and across, turn (10)\n2: ch 1, sc across, turn (10)", Worked::Rows])]
    #[TestWith(["Ch 11.\nRow 1: start in 2nd ch from hook, 10 sc, turn (10)\nRow 2: ch 1, 10 sc, turn (10)", Worked::Rows])]
    #[TestWith(["Worked back and forth in rows.\nCh 11.\n1: sc in 2nd ch and across (10)\n2: sc across (10)", Worked::Rows])]
    #[TestWith(["R1: ch 5, sc in 2nd ch from hook, sc in next 2 ch, 3 sc in last ch, turn\nR2: sc around", Worked::Spiral])]
    #[TestWith(["R1: 6 sc in MR, join\nR2: ch 1, inc x6, join", Worked::Joined])]
    #[TestWith(["R1: 6 sc in MR, ss in first st\nR2-8: ch 1, sc around, sl st to close", Worked::Joined])]
    #[TestWith(['R1: ch 4, join. 8 sc in ring, join', Worked::Joined])]
    #[TestWith(["Join each round with a sl st to the first stitch.\nR1: 6 sc in MR\nR2: inc x6", Worked::Joined])]
    #[TestWith(["At the end of each round, sl st into the first st and ch 1.\nR1: 6 sc in MR\nR2: inc x6", Worked::Joined])]
    #[TestWith(["Each round is closed with a slip stitch.\nR1: 6 sc in MR\nR2: inc x6", Worked::Joined])]
    #[TestWith(["R1: ch 4, join with sl st to first ch to form a ring, 6 sc in ring\nR2: inc x6", Worked::Spiral])]
    #[TestWith(["R1: 6 sc in MR. Do not join.\nR2: inc x6. Do not join.\nR3: sc around, do not join", Worked::Spiral])]
    #[TestWith(["Work in continuous rounds; do not join.\nDon't join rounds.\nR1: 6 sc in MR\nR2: inc x6", Worked::Spiral])]
    #[TestWith(["R1: 6 sc in MR\nR2: inc x6\nR3: sc around, sl st to first st, join with the other.", Worked::Spiral])]
    #[TestWith(["R1: 6 sc in MR\nR2: inc x6\nR3-8: sc around\nR9: in B sc around, join\nR10: in A sc around, join", Worked::Spiral])]
    #[TestWith(["R1: 6 sc in MR\nR2: inc x6, join in B\nR3: sc around, join in A", Worked::Spiral])]
    public function testHowAPieceIsWorkedIsSaidByItsWords(string $lines, Worked $worked): void
    {
        self::assertSame($worked, self::pasted("Fin\n{$lines}\n")[0]->worked);
    }

    /** What stands above the first heading is said of every piece that says nothing else. */
    public function testWhatIsSaidAboveTheFirstPieceHoldsForAll(): void
    {
        $ball = "R1: 6 sc in MR\nR2: inc x6\n\n";
        $pieces = self::pasted(
            "Seal\n\nAll rounds are joined with a slip stitch; begin each with ch 1.\n\nBody\n{$ball}Nose\nWorked in a spiral.\n{$ball}Ear\n{$ball}",
        );
        self::assertSame(
            [['Body', Worked::Joined], ['Nose', Worked::Spiral], ['Ear', Worked::Joined]],
            array_map(static fn (Piece $piece): array => [$piece->name, $piece->worked], $pieces),
        );
    }

    /** Legs that a body is joined to: no round of it is closed by those words. */
    public function testToJoinTheLegsJoinsNoRound(): void
    {
        $legs = "Legs (make 2)\n6 sc in MR (6)\nsc around (6)\n\nBody\n";
        $body = 'R3: ch 2, join with a sl st to the first leg, 6 sc around first leg, 2 sc on the chain, 6 sc around the second leg, ';
        $pieces = self::pasted("{$legs}{$body}2 sc on the other side of the chain (16)\nR4: sc around (16)\n");
        self::assertSame(['Body', Worked::Spiral], [$pieces[1]->name, $pieces[1]->worked]);
    }

    /**
     * Chains above a first row that begins in none of its own are what it is worked into; with a ring of its own it is another piece.
     *
     * @param list<int> $makes stitches of each piece's first round or row
     */
    #[TestWith(["Ch 16.\nRow 1: sc in 2nd ch from hook and in each ch across (15)", [15]])]
    #[TestWith(["Ch 16, turn.\nRow 1: sc in 2nd ch from hook and in each ch across (15)\nRow 2: ch 1, turn, sc across (15)", [15]])]
    #[TestWith(["ch 6\nR1: 4 sc, 3 sc in last ch, 3 sc, inc (12)", [12]])]
    #[TestWith(["ch 12, join with sl st\nR1: sc around (12)", [12]])]
    #[TestWith(["Ch 20.\nR1: 6 sc in MR (6)", [20, 6]])]
    #[TestWith(["Ch 20.\n\nFin\nRow 1: ch 6, sc in 2nd ch from hook, 4 sc (5)", [20, 5]])]
    public function testAChainIsWhatTheFirstRowIsWorkedInto(string $lines, array $makes): void
    {
        $plan = (new Paste('', "Handle\n{$lines}", true))->apply(Usual::plan()->withPieces([]));
        $analysis = Analysis::of($plan);
        self::assertSame([], Problem::errors($analysis->problems));
        self::assertSame($makes, array_map(static fn (PieceAnalysis $piece): int => $piece->stages->reading->rounds[0]->makes, $analysis->pieces));
    }

    /** Words that weave in all ends are not followed by an end that is woven in once more. */
    #[TestWith(['Fasten off, weave in ends.', 0])]
    #[TestWith(['Fasten off and hide the ends', 0])]
    #[TestWith(['Fasten off.', 1])]
    public function testEndsAreWovenInOnce(string $words, int $times): void
    {
        $plan = (new Paste('', "Cup\n".self::BALL.$words, true))->apply(Usual::plan()->withPieces([]));
        $steps = StepsWriter::steps($plan, Analysis::of($plan)->pieces[0], $plan->pieces[0]->copies->groups()[0], Terms::Us);
        self::assertSame($times, substr_count(implode("\n", array_column($steps, 'text')), 'Weave in'));
    }

    /** Pieces that are worked as another count like those that are written out. */
    public function testPiecesWorkedAsAnotherAreNoMoreThanAPlanHolds(): void
    {
        $text = static fn (int $others): string => "Right arm\nR1: 6 sc in MR\nR2: inc x6\n"
            .implode('', array_map(static fn (int $i): string => "\nLeft arm {$i}: work as the right arm.\n", range(1, $others)));
        self::assertCount(Limits::PIECES, Pasted::of($text(Limits::PIECES - 1), Plans::of([]))->pieces);
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage('paste.tooManyPieces');
        Pasted::of($text(Limits::PIECES), Plans::of([]));
    }

    /** What ends a piece stands with it, though it is short enough for a heading; and "Wing *2" says how often. */
    public function testHowAPieceEndsStaysWithIt(): void
    {
        $pieces = self::pasted("Ear *2\n6 sc in MR\ninc x6\nsl st, FO, leave a tail\n\nTail\n5 sc in MR\nstuff\n");
        self::assertSame(
            [['Ear', 2, ['6 sc in MR', 'inc x6', 'sl st, FO, leave a tail']], ['Tail', 1, ['5 sc in MR', 'stuff']]],
            array_map(static fn (Piece $piece): array => [$piece->name, $piece->copies->count, $piece->rounds], $pieces),
        );
    }

    /** Several rounds in one line are as many lines; a yarn before one is that of those after it, too. */
    public function testSeveralRoundsInOneLine(): void
    {
        $pieces = self::pasted(
            "Head\nWhite: R1: 6 sc in MR. R2: inc x6 (12).\nOrange: R3: (sc, inc) x6 (18), R4-5: sc around (18); R6: sc around. Stuff.\n"
            ."Note: R6: keep it even.\n\nEar (make 2) in white: R1: 5 sc in MR. R2: sc around.\n",
        );
        self::assertSame(
            [
                ['Head', 1, [
                    'White', 'R1: 6 sc in MR.', 'R2: inc x6 (12).', 'Orange', 'R3: (sc, inc) x6 (18),', 'R4-5: sc around (18);', 'R6: sc around. Stuff.',
                    'Note: R6: keep it even.',
                ]],
                ['Ear', 2, ['in white', 'R1: 5 sc in MR.', 'R2: sc around.']],
            ],
            array_map(static fn (Piece $piece): array => [$piece->name, $piece->copies->count, $piece->rounds], $pieces),
        );
        $plan = (new Paste('', "Head\nWhite: R1: 6 sc in MR. R2: inc x6.\nOrange: R3: sc around.\n", true))->apply(Usual::plan()->withPieces([]));
        self::assertCount(2, $plan->yarns);
    }

    /** Of another piece only the rounds that are named; it goes on by itself after them. */
    public function testSomeRoundsOfAnotherPiece(): void
    {
        $top = "Shell top\nRound 1 — 6 sc in MR. (6)\nRound 2 — Inc in each st. (12)\nRounds 3 to 4 — Sc around. (12)\nCut yarn.\n\n";
        $pieces = self::pasted("{$top}Shell bottom\nRounds 1–2 — Work as for shell top. (12)\nRound 3 — sc around. (12)\n");
        self::assertSame(
            ['Round 1 — 6 sc in MR. (6)', 'Round 2 — Inc in each st. (12)', 'Round 3 — sc around. (12)'],
            $pieces[1]->rounds,
        );
        $short = self::pasted("{$top}Soil\nR1-R2: same as shell top\n");
        self::assertSame(['Round 1 — 6 sc in MR. (6)', 'Round 2 — Inc in each st. (12)'], $short[1]->rounds);
    }

    /** Where it is said how pieces go together: under "Finishing", or in a last paragraph; what ends one piece is its own. */
    #[TestWith(["Finishing\nSew the tail to the body at round 3.", 1])]
    #[TestWith(['Sew the tail to the body at round 3.', 1])]
    #[TestWith(["Finishing\nStuff it, and sew it shut.", 0])]
    #[TestWith(['Sew it to the head.', 0])]
    public function testWhatPutsThePiecesTogether(string $end, int $joints): void
    {
        $text = "Body\n".self::BALL."\nTail\n".self::BALL."\n{$end}\n";
        $plan = (new Paste('', $text, true))->apply(Usual::plan()->withPieces([]));
        self::assertCount($joints, $plan->assembly);
        self::assertSame(0 === $joints, str_contains(implode("\n", $plan->pieces[1]->rounds), $end));
    }

    /** A ring on a line of its own is what the line numbered 1 is worked on, and a chain to turn is one more. */
    public function testARingOfItsOwnIsNoPiece(): void
    {
        $ring = self::pasted("Body (blue):\nMagic ring of 6 sc.\n1: inc 6 times – 12 sc\n2: sc 1, inc 1 – repeat 6x – 18 sc");
        self::assertSame([1, [6, 12, 18]], [\count($ring), PieceStages::of(Usual::plan(), $ring[0])->frame->counts]);
        $fin = self::pasted("Fin\nChain 8 + 1 to turn\nRow 1: 8 sc, turn\nRow 2: ch 1, dec, 6 sc, turn [7]");
        self::assertSame([1, [8, 7], Worked::Rows], [\count($fin), PieceStages::of(Usual::plan(), $fin[0])->frame->counts, $fin[0]->worked]);
    }
}
