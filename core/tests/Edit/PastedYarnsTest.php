<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\Paste;
use Alternum\Core\Edit\Pasted;
use Alternum\Core\Edit\PastedYarns;
use Alternum\Core\Edit\Usual;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Yarn;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A pasted pattern brings its yarns along: by the letters that it explains, and by the colours that its rounds name. */
final class PastedYarnsTest extends TestCase
{
    private const ROUNDS = "R1: with %s, 6 sc in MR (6)\nR2: inc x6 (12)\nR3: with %s, sc around (12)";

    /**
     * @param string $key    the lines above the rounds
     * @param string $first  what the rounds call the first yarn
     * @param string $yarns  letters and names of the plan's yarns
     * @param string $rounds the letter of each round
     */
    #[TestWith(["A: teal\nB: rust", 'A', 'B', 'A Teal, B Rust', 'AAB'])]
    #[TestWith(['Yarn A = teal, yarn B = rust', 'A', 'B', 'A Teal, B Rust', 'AAB'])]
    #[TestWith(['Colours: teal (A), rust (B)', 'A', 'B', 'A Teal, B Rust', 'AAB'])]
    #[TestWith(["Yarn A: Driftwood\nYarn B: Old brick", 'A', 'B', 'A Driftwood, B Old brick', 'AAB'])]
    #[TestWith(["B - rust\nC - sage", 'B', 'C', 'A First yarn, B Rust, C Sage', 'BBC'])]
    #[TestWith(['A: teal, B: rust', 'teal', 'rust', 'A Teal, B Rust', 'AAB'])]
    #[TestWith(['', 'teal', 'light blue', 'A Teal, B Light blue', 'AAB'])]
    #[TestWith(['Yarn: teal, rust and dark grey DK', 'teal', 'rust', 'A Teal, B Rust, C Dark grey', 'AAB'])]
    #[TestWith(['Colours used: cream / moss', 'cream', 'moss', 'A Cream, B Moss', 'AAB'])]
    #[TestWith(["Yarn: worsted weight, 50 g\nColours - sand & plum", 'sand', 'plum', 'A Sand, B Plum', 'AAB'])]
    #[TestWith(["MC: teal\nCC: rust", 'MC', 'CC', 'A MC, B CC', 'AAB'])]
    #[TestWith(['', 'white yarn', 'the red thread', 'A White, B Red', 'AAB'])]
    #[TestWith(['', 'A', 'teal', 'A First yarn, B Teal', 'AAB'])]
    public function testAreTheNewPlans(string $key, string $first, string $second, string $yarns, string $rounds): void
    {
        $plan = self::pasted(Usual::plan(), $key."\n".\sprintf(self::ROUNDS, $first, $second));
        self::assertSame($yarns, self::named($plan));
        $analysis = Analysis::of($plan);
        self::assertSame([], Problem::errors($analysis->problems));
        self::assertSame($rounds, implode('', array_map(static fn (string $letters): string => $letters[0], $analysis->pieces[0]->stages->colouring->rounds)));
    }

    /** Until a colour is named, the work is in the plan's first yarn: that is no other. */
    public function testTheFirstYarnStaysWhereNoneIsNamedAtFirst(): void
    {
        $plan = self::pasted(Usual::plan(), "R1: 6 sc in MR\nR2: inc x6\nR3: with rust, sc around");
        self::assertSame('A First yarn, B Rust', self::named($plan));
    }

    /** By hand: 0x8d is 141, of which 65 in 100 are 92, 0x5c; and 40 in 100 of what lacks to 255 more are 187, 0xbb. */
    public function testAShadeIsDarkerOrLighter(): void
    {
        $plan = self::pasted(Usual::plan(), "Yarn: dark grey, light grey\nR1: with dark grey, 6 sc in MR\nR2: with light grey, inc x6");
        self::assertSame(['#5c5c5c', '#bbbbbb'], array_map(static fn (Yarn $yarn): string => $yarn->hex, $plan->yarns));
    }

    public function testTheColourIsThatOfItsWords(): void
    {
        $plan = self::pasted(Usual::plan(), "MC: teal\nR1: with MC, 6 sc in MR\nR2: with navy, inc x6");
        self::assertSame(['#2f7f80', '#27375c'], array_map(static fn (Yarn $yarn): string => $yarn->hex, $plan->yarns));
    }

    /** A plan on which something is made keeps its yarns, and gets those that it lacks. */
    public function testAPlanKeepsItsOwn(): void
    {
        $own = Plans::of(['12 sc in MR']);
        $plan = self::pasted($own, "A: teal\nR1: with A, 6 sc in MR\nR2: with rust, inc x6");
        self::assertSame($own->yarns[0], $plan->yarns[0]);
        self::assertSame(['Rust'], PastedYarns::new(Pasted::of("R1: with A, 6 sc in MR\nR2: with rust, inc x6", $own), $own));
        self::assertSame([], Problem::errors(Analysis::of($plan)->problems));
    }

    /** What is no colour's name may be a slip: it is told. */
    public function testANameThatIsNoColourIsTold(): void
    {
        $plan = self::pasted(Usual::plan(), "R1: with Brightwold, 6 sc in MR\nR2: inc x6");
        self::assertSame('A First yarn, B Second yarn', self::named($plan));
        $problems = Problem::errors(Analysis::of($plan)->problems);
        self::assertSame(['yarn.noName'], array_map(static fn (Problem $problem): string => $problem->message->code, $problems));
    }

    #[TestWith(['Key: X = sc, V = inc'])]
    #[TestWith(['MR = magic ring'])]
    #[TestWith(['A: 6 sc'])]
    #[TestWith(['Colours: as you like'])]
    public function testOtherKeysNameNoYarn(string $line): void
    {
        self::assertSame('A First yarn, B Second yarn', self::named(self::pasted(Usual::plan(), "{$line}\nR1: 6 sc in MR\nR2: inc x6")));
    }

    private static function pasted(Plan $plan, string $text): Plan
    {
        return (new Paste('', trim($text)))->apply([] === $plan->pieces[0]->rounds ? $plan->withPieces([]) : $plan);
    }

    private static function named(Plan $plan): string
    {
        return implode(', ', array_map(static fn (Yarn $yarn): string => "{$yarn->key} {$yarn->name}", $plan->yarns));
    }

    /** Where each stretch of a round is said by its number and its yarn alone, its stitch is the one that the line works else. */
    #[TestWith(['sc in next 4 st with teal, 4 with rust, 4 with teal (12)', 's'])]
    #[TestWith(['hdc 4 in teal, then 4 in rust, then 4 in teal', 'h'])]
    #[TestWith(['4 with teal, 4 with rust, 4 with teal', 's'])]
    public function testANumberAndAYarnAreStitchesInIt(string $line, string $code): void
    {
        $text = "R1: with teal, 6 sc in MR\nR2: inc x6 (12)\nR3: {$line}";
        $stages = Analysis::of((new Paste('', $text))->apply(Usual::plan()->withPieces([])))->pieces[0]->stages;
        self::assertSame(['AAAABBBBAAAA', str_repeat($code, 12)], [$stages->colouring->rounds[2], $stages->reading->rounds[2]->codes]);
        self::assertSame([], $stages->reading->errors());
    }

    /** A colour before the stitches of a round is theirs, with a sign between or none. */
    #[TestWith(['CC 12 sc'])]
    #[TestWith(['CC: 12 sc'])]
    #[TestWith(['Rust sc around'])]
    #[TestWith(['rust 12 sc (12)'])]
    public function testAColourBeforeTheStitches(string $line): void
    {
        $plan = self::pasted(Usual::plan(), "1. rnd: 6 sc in MR\n2. rnd: inc x6\n3. rnd: {$line}\n4. rnd: 12 sc");
        $stages = Analysis::of($plan)->pieces[0]->stages;
        self::assertSame([], $stages->reading->errors());
        self::assertSame(['A', 'A', 'B', 'B'], array_map(static fn (string $letters): string => $letters[0], $stages->colouring->rounds));
    }
}
