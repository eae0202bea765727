<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\Paste;
use Alternum\Core\Edit\Pasted;
use Alternum\Core\Edit\PastedPiece;
use Alternum\Core\Edit\PastedYarns;
use Alternum\Core\Edit\TranslateTerms;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Notation\LineCue;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Place\Change;
use Alternum\Core\Plan\Copies;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Whole patterns, pasted. */
final class PasteTest extends TestCase
{
    private const PATTERN = <<<'TEXT'
        Pebble toad

        You need: two yarns and a hook.

        Legs (make 2)
        Rnd 1: 6 sc in MR (6)
        Rnd 2: inc x6 (12)
        Fasten off.

        BODY:
        Stuff as you go.
        R1. 8 sc in magic ring
        R2. inc around (16)
        R3. (sc, wibble) x8 (24)

        Wing
        Row 1: ch 8
        Row 2: sc in 2nd ch from hook and in each ch across (7)
        TEXT;

    public function testPartsAPatternIntoItsPieces(): void
    {
        $pieces = Pasted::of(self::PATTERN, Plans::of([]))->pieces;
        self::assertSame(
            [['Legs', 2, Worked::Spiral, 2, 0], ['Body', 1, Worked::Spiral, 3, 1], ['Wing', 1, Worked::Rows, 2, 0]],
            array_map(
                static fn (PastedPiece $piece): array => [
                    $piece->name,
                    $piece->copies,
                    $piece->worked,
                    \count($piece->reading->rounds),
                    \count($piece->reading->problems),
                ],
                $pieces,
            ),
        );
    }

    /** Every line that says more than a piece's name is kept. */
    public function testThrowsNothingAway(): void
    {
        $kept = array_merge(...array_map(static fn (PastedPiece $piece): array => $piece->lines, Pasted::of(self::PATTERN, Plans::of([]))->pieces));
        $typed = array_filter(
            explode("\n", self::PATTERN),
            static fn (string $line): bool => '' !== $line && !\in_array($line, ['Legs (make 2)', 'BODY:', 'Wing'], true),
        );
        self::assertSame([], array_diff($typed, $kept));
    }

    public function testTakesTheFirstIntoThePieceAndAddsTheOthers(): void
    {
        $plan = (new Paste('body', self::PATTERN))->apply(Plans::of(['6 sc in MR', 'sc around']));
        self::assertSame(
            [['body', 'Body', 1, Worked::Spiral], ['body-2', 'Body', 1, Worked::Spiral], ['wing', 'Wing', 1, Worked::Rows]],
            array_map(static fn (Piece $piece): array => [$piece->key, $piece->name, $piece->copies->count, $piece->worked], $plan->pieces),
        );
        self::assertContains('Rnd 2: inc x6 (12)', $plan->pieces[0]->rounds);
        self::assertSame('# Legs', $plan->pieces[0]->rounds[0], 'The name of what was pasted over another piece stays as a remark.');
        $empty = (new Paste('body', self::PATTERN))->apply(Plans::of([]));
        self::assertSame(['body', 'Legs', 2], [$empty->pieces[0]->key, $empty->pieces[0]->name, $empty->pieces[0]->copies->count]);
        $beside = (new Paste('', self::PATTERN))->apply(Plans::of(['6 sc in MR']));
        self::assertSame(['body', 'legs', 'body-2', 'wing'], array_map(static fn (Piece $piece): string => $piece->key, $beside->pieces));
        self::assertSame(2, $beside->pieces[1]->copies->count);
    }

    /** What is written out of a plan, pasted into an empty one with the same yarns, has the same stitches in the same yarns. */
    public function testAWrittenPatternComesBack(): void
    {
        foreach (Plans::demoFiles() as $file) {
            $plan = PlanReader::json((string) file_get_contents($file));
            foreach (Terms::cases() as $terms) {
                $text = WrittenPattern::text(Analysis::of($plan), $terms, false);
                $pasted = (new Paste('', $text, true))->apply((new TranslateTerms($terms))->apply($plan->withPieces([])->withAssembly([])));
                $after = Analysis::of($pasted);
                self::assertSame([], Problem::errors($after->problems));
                // Copies in yarns of their own are written out, and come back, each on its own.
                $i = 0;
                foreach (Analysis::of($plan)->pieces as $made) {
                    foreach ($made->piece->copies->groups() as $group) {
                        $piece = $pasted->pieces[$i];
                        self::assertSame([$group->count, $made->piece->worked], [$piece->copies->count, $piece->worked]);
                        self::assertTrue(str_starts_with($piece->name, $made->piece->name));
                        self::assertSame(
                            array_map(static fn (string $round): string => strtr($round, $group->yarns), $made->stages->colouring->rounds),
                            $after->pieces[$i]->stages->colouring->rounds,
                        );
                        self::assertSame(self::ends($made, $group->yarns), self::ends($after->pieces[$i], []), "{$piece->name}: kept and cut as written.");
                        self::assertSame([], array_diff(self::cues($made), self::cues($after->pieces[$i])), "{$piece->name}: her own words stay.");
                        self::assertEquals(self::finish($made), self::finish($after->pieces[$i]), "{$piece->name}: it ends as written.");
                        ++$i;
                    }
                }
                self::assertCount($i, $pasted->pieces);
            }
        }
    }

    /** @return list<string> what the typed words say to do or to mind, and remarks */
    private static function cues(PieceAnalysis $piece): array
    {
        $reading = $piece->stages->reading;
        $cues = array_map(static fn (LineCue $said): string => $said->text, $reading->said);
        foreach ($reading->rounds as $round) {
            array_push($cues, ...array_map(static fn (Cue $cue): string => $cue->text, $round->cues));
        }

        return $cues;
    }

    /** @return list<mixed> how it begins and ends */
    private static function finish(PieceAnalysis $piece): array
    {
        $finishing = $piece->finishing;

        return [
            $finishing->ring, $finishing->start, $finishing->end, round($finishing->tailCm), $finishing->turned,
            $finishing->firmness, $finishing->clear, $finishing->drawn,
        ];
    }

    /**
     * @param array<string, string> $yarns that a copy takes instead
     *
     * @return list<string> what becomes of the old yarn at each round's end where it changes
     */
    private static function ends(PieceAnalysis $piece, array $yarns): array
    {
        $ends = array_filter($piece->changes->all, static fn (Change $change): bool => $change->place->isAtEnd);

        return array_values(array_map(
            static fn (Change $change): string => strtr("{$change->yarns->from}{$change->yarns->to}", $yarns)
                ." {$change->place->round} {$change->yarns->old->value}",
            $ends,
        ));
    }

    /** @param list<string> $kept */
    #[TestWith(['Legs (2)', 'Legs', 2, []])]
    #[TestWith(['Ears x2', 'Ears', 2, []])]
    #[TestWith(['HEAD (make 1, in cream)', 'Head', 1, ['in cream']])]
    #[TestWith(['Arms - make two', 'Arms', 2, []])]
    #[TestWith(['**Fins** (make 4; flat)', 'Fins', 4, ['# flat']])]
    #[TestWith(['Tail:', 'Tail', 1, []])]
    public function testAHeadingNamesThePiece(string $heading, string $name, int $copies, array $kept): void
    {
        $pasted = Pasted::of("{$heading}\nR1: 6 sc in MR (6)\nR2: inc x6 (12)", $plan = Plans::of([]));
        $piece = $pasted->pieces[0];
        self::assertSame([$name, $copies, [...$kept, 'R1: 6 sc in MR (6)', 'R2: inc x6 (12)']], [$piece->name, $piece->copies, $piece->lines]);
        self::assertSame([], $piece->reading->problems);
        self::assertSame(['in cream'] === $kept ? ['Cream'] : [], PastedYarns::new($pasted, $plan));
        $inHand = $piece->reading->yarns()[1][0]->yarn;
        self::assertSame(['in cream'] === $kept ? 'Cream' : null, null === $inHand ? null : $plan->withYarns($pasted->yarns)->yarn($inHand)?->name);
    }

    /** "Row" in a pattern that begins in a ring is a round. */
    public function testRowsFromARingAreWorkedRound(): void
    {
        self::assertSame(Worked::Spiral, Pasted::of("Row 1: 6 sc in MC\nRow 2: inc x6 (12)", Plans::of([]))->pieces[0]->worked);
        self::assertSame(Worked::Rows, Pasted::of("Row 1: ch 7, sc in 2nd ch from hook and across (6)\nRow 2: sc across", Plans::of([]))->pieces[0]->worked);
    }

    /** Words that name no piece made before say something else: the other side of a chain is no piece. */
    #[TestWith(['R1: Ch 6, sc in 2nd ch from hook, 3 sc, 3 sc in last ch, on the other side: 3 sc, inc (12)'])]
    #[TestWith(['R1: ch 3, join with sl st to the first chain, 6 sc in ring (6)'])]
    #[TestWith(['R1: 6 sc in MR, join to first st (6)'])]
    #[TestWith(['R1: 6 sc in MR, ch 1, join with a sl st in the second stitch (6)'])]
    #[TestWith(["R1: 6 sc in MR (6)\nR2: inc x6, do not cut A, continue with B (12)"])]
    public function testBeginsOnItsOwn(string $first): void
    {
        foreach (Pasted::of("Leg (make 2)\nR1: 6 sc in MR (6)\nR2: inc x6 (12)\n\nTrunk\n{$first}", Plans::of([]))->pieces as $piece) {
            self::assertNull($piece->begins);
        }
    }

    /** @param list<string> $on */
    #[TestWith(['With the second leg, ch 3, join to the first leg.', Join::Bridge, ['leg', 'leg'], 3])]
    #[TestWith(['Continue on the leg without cutting the yarn.', Join::Opening, ['leg'], 0])]
    #[TestWith(['Work the second layer into the first.', Join::Layers, ['leg', 'leg'], 0])]
    public function testBeginsOnTheOthersThatItsWordsName(string $words, Join $join, array $on, int $across): void
    {
        $text = "Leg (make 2)\nR1: 6 sc in MR (6)\nR2: inc x6 (12)\n\nTrunk\n{$words}\nR1: sc around";
        $said = Pasted::of($text, Plans::of([]))->pieces;
        self::assertNull($said[0]->begins);
        self::assertSame($join, $said[1]->begins?->join);
        self::assertSame($words, $said[1]->begins->words);
        self::assertSame(
            [[], Join::Bridge === $join ? 30 : 12],
            [$said[1]->reading->problems, $said[1]->reading->rounds[0]->makes],
            'It is shown as it will be.',
        );
        $plan = (new Paste('', $text, true))->apply(Plans::of([])->withPieces([]));
        self::assertNull($plan->pieces[0]->start);
        self::assertSame([$join, $on, $across], [$plan->pieces[1]->start?->join, $plan->pieces[1]->start?->pieces, $plan->pieces[1]->start?->across]);
        self::assertContains($words, $plan->pieces[1]->rounds);
        $rounds = Analysis::of($plan)->pieces[1]->stages->reading->rounds;
        self::assertSame(Join::Bridge === $join ? 30 : 12, $rounds[0]->makes, 'Two legs of 12 and both sides of 3 chains, or one edge.');
        self::assertNull((new Paste('', $text))->apply(Plans::of([])->withPieces([]))->pieces[1]->start, 'Only where it was asked for.');
    }

    public function testNothingAndTooMuch(): void
    {
        self::assertCount(1, Pasted::of('', Plans::of([]))->pieces);
        self::assertSame([], Pasted::of('', Plans::of([]))->pieces[0]->reading->rounds);
    }

    public function testTooMuchIsRefusedWhole(): void
    {
        foreach ([
            str_repeat("R1: 6 sc in MR\nR2: inc x6\n\n", Limits::PIECES) => 'pieces at the most',
            '6 sc in MR'."\n".str_repeat('sc, ', 3000) => 'characters',
            '6 sc in MR'.str_repeat("\n# note", Limits::LINES) => 'lines',
        ] as $text => $why) {
            try {
                (new Paste('body', $text))->apply(Plans::of(['6 sc in MR'])->withPieces([
                    ...Plans::of(['6 sc in MR'])->pieces,
                    new Piece('other', 'Other', Copies::times(1), Worked::Spiral, []),
                ]));
                self::fail("It must be refused: {$why}");
            } catch (EditRefused $refused) {
                self::assertStringContainsString($why, MessageWords::says($refused->says));
            }
        }
    }
}
