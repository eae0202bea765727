<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\Paste;
use Alternum\Core\Edit\Usual;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Notation\LineCue;
use Alternum\Core\Notation\Round;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Terms;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whole toys as makers write them down: what each piece is called, how often it is made, what it begins on; and that what is written out comes back alike. */
final class PastedToysTest extends TestCase
{
    private const LEG = "R1: 6 sc in MR (6)\nR2: inc x6 (12)\nR3-5: sc around (12)";

    /** @return iterable<string, array{string, list<string>}> the pattern, and its pieces: name, copies, way of working, stitches, what it begins on */
    public static function toys(): iterable
    {
        $leg = self::LEG;
        yield 'a colour beside the name, a round beside the name' => [
            "Pot (terracotta)\nR1: 6 sc in MR (6)\nR2: inc x6 (12)\nFasten off.\n\nPetals (make 5, pink)\nR1: 6 sc in MR (6)\n\n"
                .'Nose (black): R1: 6 sc in MR (6)',
            ['Pot 1 spiral 6 12', 'Petals 5 spiral 6', 'Nose 1 spiral 6'],
        ];
        yield 'copies in other words, headings after sentences' => [
            "Head\nR1: 6 sc in MR\nR2: inc x6\nEars – 2x\nR1: 4 sc in MR\nArms\nMake 2.\nR1: 5 sc in MR\nTwo legs, both alike\nR1: 6 sc in MR\n"
                ."Pair of boots\nR1: 7 sc in MR\nTail - 1x\nR1: 9 sc in MR\nWing\nR1: 8 sc in MR\nRepeat for the second wing.",
            ['Head 1 spiral 6 12', 'Ears 2 spiral 4', 'Arms 2 spiral 5', 'Legs 2 spiral 6', 'Boots 2 spiral 7', 'Tail 1 spiral 9', 'Wing 2 spiral 8'],
        ];
        yield 'a piece worked as another' => [
            "Right arm:\n{$leg}\nFasten off.\nLeft arm: Work as the right arm, but do not fasten off.",
            ['Right arm 1 spiral 6 12 12 12 12', 'Left arm 1 spiral 6 12 12 12 12'],
        ];
        yield 'a numbered list of pieces' => ["1. Body\n{$leg}\n2. Tail\nR1: 4 sc in MR (4)", ['Body 1 spiral 6 12 12 12 12', 'Tail 1 spiral 4']];
        yield 'what is worked how, and in capitals' => [
            "BASE, joined rounds\nR1: ch 2, 8 hdc in MR, sl st to first hdc (8)\nR2: ch 2, 2 hdc in each st, sl st to first hdc (16)",
            ['Base 1 joined 8 16'],
        ];
        yield 'abbreviations above' => [
            "Moth\n\nAbbreviations:\nsc – single crochet\ninc – 2 sc in one stitch\ndec – 2 sc together\nMR – magic ring\n\nBODY\n{$leg}",
            ['Body 1 spiral 6 12 12 12 12'],
        ];
        foreach ([
            'around leg 1 and leg 2, the chains counted' => ['R1: sc 12 around leg 1, ch 2, sc 12 around leg 2, 2 sc in ch (28)', '28 on legs legs 2'],
            'joined with chains, said above' => ["Join the legs with 3 ch.\nR1: sc around (30)", '30 on legs legs 3'],
            'from the other leg' => ['R1: ch 3, join to the other leg with sc, 11 sc, 3 sc in ch, 12 sc, 3 sc in ch (30)', '30 on legs legs 3'],
            'around both, no chain' => ['R1: sc around the first leg, then sc around the second leg (24)', '24 on legs legs 0'],
            'into both' => ['R1: Join legs: sc 12 in first leg, sc 12 in second leg (24)', '24 on legs legs 0'],
            'along them' => ['R1: ch 2, sc 12 along leg one, sc 2 on ch, sc 12 along leg two, sc 2 on ch (28)', '28 on legs legs 2'],
        ] as $how => [$first, $body]) {
            yield "legs joined: {$how}" => ["Legs (make 2)\n{$leg}\n\nBody\n{$first}", ['Legs 2 spiral 6 12 12 12 12', "Body 1 spiral {$body}"]];
        }
        yield 'legs joined: two of their own' => [
            "Left leg\n{$leg}\nRight leg\n{$leg}\nDo not fasten off.\n\nBody\n"
                .'R1: 12 sc on the right leg, ch 3, 12 sc on the left leg, 3 sc along the chain (30)',
            ['Left leg 1 spiral 6 12 12 12 12', 'Right leg 1 spiral 6 12 12 12 12', 'Body 1 spiral 30 on left-leg right-leg 3'],
        ];
        yield 'feet' => [
            "Feet (x2)\n{$leg}\n\nBody\nR1: sc 12 around the first foot, sc 12 around the second foot (24)",
            ['Feet 2 spiral 6 12 12 12 12', 'Body 1 spiral 24 on feet feet 0'],
        ];
        yield 'a chain alone, a leaf of its own' => ["Antennae (make 2)\nCh 7. Sl st in 2nd ch from hook and in each ch across (6).", ['Antennae 2 rows 6']];
        yield 'which end round 1 is' => [
            "Newt, worked from the tail to the face\n{$leg}\nFin, from the top down\nR1: 4 sc in MR",
            ['Newt 1 spiral 6 12 12 12 12', 'Fin 1 spiral 4'],
        ];
        yield 'words of its own' => [
            "Toad\n\nAbbreviations\nm = single crochet\nzu = increase\n\nHead\nR1: 6 m in MR\nR2: 6 zu\n\nBody\nR1: 7 m in MR\nR2: 7 zu",
            ['Head 1 spiral 6 12', 'Body 1 spiral 7 14'],
        ];
        yield 'signs and small pictures' => ["🐾 Paw 🐾\n🧶 R1: 6 sc in MR (6)\n🧶 R2: inc x6 (12) 😊", ['🐾 Paw 🐾 1 spiral 6 12']];
        yield 'an arm joined as one goes' => [
            "Ball\nR1: 6 sc in MR (6)\nR2: inc x6 (12)\nR3: sc 3, join the arm with the next 3 sc, sc 6 (12)\n\nArm (make 2)\nR1: 5 sc in MR (5)",
            ['Ball 1 spiral 6 12 12', 'Arm 2 spiral 5'],
        ];
        yield 'stripes apart from the rounds' => ["Tail\nStripe sequence: 2 rounds A, 2 rounds B\n{$leg}", ['Tail 1 spiral 6 12 12 12 12']];
    }

    /** @param list<string> $pieces */
    #[DataProvider('toys')]
    public function testIsPartedIntoItsPieces(string $text, array $pieces): void
    {
        $plan = self::pasted($text);
        self::assertSame([], Problem::errors(Analysis::of($plan)->problems));
        self::assertSame($pieces, self::pieces($plan));
    }

    /** Written out and pasted again a plan has the same pieces, copies, yarns, stitches and colours, and nothing is said twice. */
    #[DataProvider('toys')]
    public function testComesBackAlike(string $text): void
    {
        $plan = self::pasted($text);
        $again = self::pasted(WrittenPattern::text(Analysis::of($plan), Terms::Us));
        self::assertSame(self::pieces($plan), self::pieces($again));
        self::assertEquals($plan->yarns, $again->yarns);
        [$first, $second] = [Analysis::of($plan)->pieces, Analysis::of($again)->pieces];
        foreach ($first as $i => $piece) {
            self::assertSame($piece->stages->colouring->rounds, $second[$i]->stages->colouring->rounds);
            $tails = array_filter($second[$i]->steps(), static fn (Step $step): bool => StepKind::Tail === $step->kind());
            self::assertLessThan(2, \count($tails));
        }
        self::assertSame(
            WrittenPattern::text(Analysis::of($again), Terms::Us),
            WrittenPattern::text(Analysis::of(self::pasted(WrittenPattern::text(Analysis::of($again), Terms::Us))), Terms::Us),
        );
    }

    /** A line that cannot be read stays where it stands, and is told again. */
    public function testWhatIsRefusedComesBack(): void
    {
        $plan = self::pasted("Body\nR1: 6 sc in MR\nR2: inc x6\nxyzzy plugh\nR3: 5 flumps, sc around\nR4: sc around");
        $again = self::pasted(WrittenPattern::text(Analysis::of($plan), Terms::Us));
        $told = static fn (Plan $plan): array => array_map(
            static fn (Problem $problem): array => [$problem->message->code, $problem->round],
            Problem::errors(Analysis::of($plan)->problems),
        );
        self::assertSame([['word.english', 3]], $told($plan));
        self::assertSame($told($plan), $told($again));
        self::assertContains('xyzzy plugh', array_map(static fn (LineCue $cue): string => $cue->text, Analysis::of($again)->pieces[0]->stages->reading->said));
    }

    private static function pasted(string $text): Plan
    {
        return (new Paste('', $text, true))->apply(Usual::plan()->withPieces([]));
    }

    /** @return list<string> */
    private static function pieces(Plan $plan): array
    {
        $pieces = [];
        foreach (Analysis::of($plan)->pieces as $made) {
            $start = $made->piece->start;
            $rounds = implode(' ', array_map(static fn (Round $round): int => $round->makes, $made->stages->reading->rounds));
            $pieces[] = "{$made->piece->name} {$made->piece->copies->count} {$made->piece->worked->value} {$rounds}"
                .(null === $start ? '' : ' on '.implode(' ', $start->pieces)." {$start->across}");
        }

        return $pieces;
    }
}
