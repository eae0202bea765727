<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Toy;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\Resize;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Exchange\ToyWriter;
use Alternum\Core\Plan\Assembly\Holds;
use Alternum\Core\Plan\Assembly\PartEdge;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Toy\Easing;
use Alternum\Core\Words\JointWords;
use Alternum\Core\Words\YarnWords;
use Alternum\Core\Yarn\YarnPurpose;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** How pieces come together: their seams, their tails, the order. */
final class AssembledTest extends TestCase
{
    /** @return list<string> */
    private static function said(Plan $plan): array
    {
        return array_column(ToyWriter::assembly(Analysis::of($plan), Terms::Us), 'text');
    }

    /**
     * By hand: the ear's open edge is 12 stitches of 5 mm, 60 mm; whip stitch takes three times that, a hand 15 cm: 33 cm of tail, for both ears, in the
     * yarn needed, and told where the yarn is cut.
     */
    public function testATailIsAsLongAsItsSeamTakes(): void
    {
        $plan = Toys::withParts([['at' => ['anchor' => 'round', 'number' => 5, 'apart' => 8]]]);
        $analysis = Analysis::of($plan);
        $laid = $analysis->assembled->joints[0];
        self::assertEqualsWithDelta([60.0, 330.0], [$laid->seamMm, $laid->needsMm], 1e-6);
        self::assertSame(33.0, $analysis->pieces[1]->finishing->tailCm);
        self::assertEqualsWithDelta(0.66, $analysis->amounts->amounts[0]->parts[YarnPurpose::Sewing->value]
            - 0.01 * 2 * $analysis->pieces[2]->finishing->tailCm, 1e-9, 'The arms keep the tail that is usual.');
        self::assertSame(['Sew Ear (both) to Body between rounds 5 and 6, after stitches 12 and 20 of round 5, with whip stitch around the open edge. Take the'
            .' needle through a stitch of the fabric and up through a stitch of the edge, over and over.'
            .' Before the last few stitches, fill up the stuffing under the edge'], self::said($plan));
    }

    /** With a new thread the part keeps no tail to sew, and the thread is cut for each. Slipped on, it takes none. */
    public function testANewThreadAndNone(): void
    {
        $new = Toys::withParts([['newThread' => true, 'at' => ['anchor' => 'round', 'number' => 5, 'apart' => 8]]]);
        self::assertStringContainsString('Cut 33 cm of A (Chalk) for each', self::said($new)[0]);
        self::assertSame(15.0, Analysis::of($new)->pieces[1]->finishing->tailCm);
        $arms = 0.01 * 2 * Analysis::of($new)->pieces[2]->finishing->tailCm;
        self::assertEqualsWithDelta(0.66, Analysis::of($new)->amounts->amounts[0]->parts['sewing'] - $arms, 1e-9);
        $slipped = Toys::withParts([['hold' => 'slipped', 'copy' => 2]]);
        self::assertSame(0.0, Analysis::of($slipped)->assembled->joints[0]->needsMm);
        self::assertFalse(Analysis::of($slipped)->pieces[1]->finishing->sews);
    }

    /** What a tail was said to be stays, even where its seam takes more; that is told where it is cut, and where it is sewn. */
    public function testATailThatIsTooShortIsTold(): void
    {
        $ear = Plans::piece('short', ['6 sc in MR', 'inc x6', 'R3-6: sc around'], ['name' => 'Short', 'finish' => ['tailCm' => 20]]);
        $analysis = Analysis::of(Toys::withParts([['part' => 'short']], [$ear]));
        self::assertSame(20.0, $analysis->pieces[3]->finishing->tailCm);
        $joint = ToyWriter::joint($analysis->plan, $analysis->assembled->joints[0]);
        self::assertSame(['Its tail of 20 cm is too short: the seam takes 33 cm. Leave a longer one, or use a new thread.'], $joint['remarks']);
        $steps = StepsWriter::values($analysis->plan, $analysis->pieces[3], Terms::Us)['steps'];
        self::assertSame(
            ['The tail of 20 cm is too short to hold it with: that takes 33 cm.'],
            array_values(array_filter(array_column($steps, 'trouble'), static fn (?string $trouble): bool => null !== $trouble)),
        );
    }

    /**
     * A part is as large on the other as its seam is around: an ear of 60 mm around lies 9.5 mm to every side. By hand: 9 mm beside it, a jog and an eye are
     * covered, 11 mm beside it they are not. Slipped on, it comes off again.
     */
    public function testWhatAPartLiesOverIsWorkedOutFromItsSize(): void
    {
        $told = static function (float $apart, string $hold): array {
            $eyes = ['key' => 'eyes', 'kind' => 'eyes', 'anchor' => 'round', 'number' => 9, 'apart' => $apart];
            $plan = Plans::of([], [], [], [
                'gauge' => ['stitchesPer10cm' => 20, 'roundsPer10cm' => 20],
                'pieces' => [
                    Plans::piece('body', ['R1: 36 sc in MR', 'R2-20: sc around'], [
                        'placements' => [$eyes], 'finish' => ['stuffing' => ['firmness' => 'none']],
                    ]),
                    Plans::piece('ear', ['6 sc in MR', 'inc x6', 'R3-6: sc around'], ['name' => 'Ear']),
                ],
                'assembly' => [['key' => 'j1', 'part' => 'ear', 'onto' => 'body', 'hold' => $hold, 'at' => ['anchor' => 'round', 'number' => 9]]],
            ]);

            return Analysis::of($plan)->assembled->joints[0]->over;
        };
        // So many stitches of 5 mm apart, each eye is half of that from the middle.
        self::assertSame(['Eyes'], $told(3.6, 'whip'));
        self::assertSame([], $told(4.4, 'whip'));
        self::assertSame([], $told(3.6, 'slipped'));
    }

    /** A part is larger than its seat where its edge is longer than the piece is around: at a piece's end, than it is around at its widest. */
    public function testAPartThatIsLargerThanItsSeatIsTold(): void
    {
        $told = static function (int $makes, array $at): bool {
            $plan = Plans::of([], [], [], [
                'pieces' => [
                    Plans::piece('body', Plans::ball(5), ['name' => 'Body']),
                    Plans::piece('hood', ["R1: {$makes} sc in MR", 'R2-4: sc around'], ['name' => 'Hood', 'finish' => ['stuffing' => ['firmness' => 'none']]]),
                ],
                'assembly' => [['key' => 'j1', 'part' => 'hood', 'onto' => 'body', 'hold' => 'whip', 'at' => $at]],
            ]);
            $remarks = JointWords::remarks(new YarnWords($plan, []), Analysis::of($plan)->assembled->joints[0]);

            return [] !== array_filter($remarks, static fn (string $remark): bool => str_contains($remark, 'larger than its seat'));
        };
        self::assertFalse($told(12, ['anchor' => 'pole', 'number' => 1]));
        self::assertTrue($told(60, ['anchor' => 'pole', 'number' => 1]));
        self::assertFalse($told(12, ['anchor' => 'round', 'number' => 8]));
        self::assertTrue($told(60, ['anchor' => 'round', 'number' => 8]));
    }

    /** Every hold that goes along an edge says what to do, without a word left open; what does not go is told. */
    public function testEveryHoldOnEveryEdge(): void
    {
        foreach (Holds::all() as $hold) {
            foreach (PartEdge::cases() as $edge) {
                $plan = Toys::withParts([['hold' => $hold::kind(), 'edge' => $edge->value, 'at' => ['anchor' => 'round', 'number' => 5, 'apart' => 8]]]);
                $analysis = Analysis::of($plan);
                if (!$hold->fits($edge)) {
                    self::assertSame('joint.unfitHold', $analysis->assembled->problems[0]->message->code);
                    continue;
                }
                [$text] = self::said($plan);
                self::assertStringContainsString('Ear (both)', $text);
                self::assertStringContainsString('between rounds 5 and 6', $text);
                self::assertDoesNotMatchRegularExpression('/[{}]|\.\.|  | ,|: \./', $text);
                self::assertSame($hold->takes() > 0.0, $analysis->assembled->joints[0]->seamMm > 0.0);
            }
        }
    }

    /**
     * Twelve on twelve go one on one; of unlike edges, what is over is spread evenly: of 16 on 12 every third takes two, of 12 on 24 each takes two. By
     * hand.
     *
     * @param list<int> $takes of each stitch of the shorter edge
     */
    #[TestWith([12, 12, [1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1], null])]
    #[TestWith([12, 16, [1, 1, 2, 1, 1, 2, 1, 1, 2, 1, 1, 2], 3])]
    #[TestWith([24, 12, [2, 2, 2, 2, 2, 2, 2, 2, 2, 2, 2, 2], null])]
    #[TestWith([5, 7, [1, 1, 2, 1, 2], null])]
    public function testUnlikeEdgesAreEased(int $one, int $other, array $takes, ?int $every): void
    {
        $easing = Easing::of($one, $other);
        self::assertSame($takes, $easing->takes());
        self::assertSame(max($one, $other), array_sum($easing->takes()));
        self::assertSame($every, $easing->every());
    }

    /** An edge of 16 on one of 12, through the loops: both counts are said, and where two are taken. */
    public function testEdgesAreEasedInWords(): void
    {
        $stem = Plans::piece('stem', ['6 sc in MR', 'inc x6', 'R3-6: sc around'], ['name' => 'Stem']);
        $cap = Plans::piece('cap', ['8 sc in MR', 'inc x8', 'R3-6: sc around'], ['name' => 'Cap']);
        $plan = Toys::withParts([['part' => 'cap', 'onto' => 'stem', 'hold' => 'loops', 'at' => ['anchor' => 'edge']]], [$stem, $cap]);
        self::assertStringEndsWith('Cap has 16 stitches and Stem 12: take 2 of Cap on every 3rd stitch of Stem', self::said($plan)[0]);
    }

    /** Its place goes along when what it is put on is resized, and is told where that has too few rounds. */
    public function testItsPlaceGoesAlong(): void
    {
        $plan = Toys::withParts([['at' => ['anchor' => 'round', 'number' => 12, 'apart' => 8]]]);
        $wider = (new Resize('body', 2, 0))->apply($plan);
        self::assertGreaterThan(12, $wider->assembly[0]->place->number);
        self::assertSame([], Analysis::of($wider)->assembled->problems);
        $gone = Toys::withParts([['at' => ['anchor' => 'round', 'number' => 99]]]);
        self::assertSame(['assembly[0].at'], array_column(Analysis::of($gone)->assembled->problems, 'path'));
    }

    /** What cannot be is told at its place, and nothing is dropped. */
    public function testWhatCannotBeIsTold(): void
    {
        foreach ([
            ['joint.onItself', [['onto' => 'ear']]],
            ['joint.noPiece', [['part' => 'gone']]],
            ['joint.noPiece', [['onto' => 'gone']]],
            ['joint.noCopy', [['copy' => 2, 'at' => ['anchor' => 'round', 'number' => 5, 'apart' => 8]]]],
            ['joint.twice', [['copy' => 1], ['copy' => 1]]],
            ['joint.circle', [['part' => 'ear', 'onto' => 'arm'], ['part' => 'arm', 'onto' => 'ear']]],
        ] as [$code, $joints]) {
            $analysis = Analysis::of(Toys::withParts($joints));
            self::assertSame($code, $analysis->assembled->problems[0]->message->code);
            self::assertCount(\count($joints), $analysis->plan->assembly);
        }
        self::assertSame(['body' => 1, 'ear' => 1, 'arm' => 2], Analysis::of(Toys::withParts([[]]))->assembled->loose);
    }

    /** What goes on from another piece, what it goes on from, and what has no rounds yet lie nowhere alone. */
    public function testWhatIsNoPieceOfItsOwnIsNotLoose(): void
    {
        $plan = Plans::of([], [], [], ['pieces' => [
            Plans::piece('base', ['6 sc in MR', 'inc x6', 'R3-5: sc around']),
            Plans::piece('stem', ['R1-4: sc around'], ['start' => ['pieces' => ['base'], 'join' => 'opening']]),
            Plans::piece('empty', []),
            Plans::piece('knob', Plans::ball(3)),
        ]]);
        self::assertSame(['knob' => 1], Analysis::of($plan)->assembled->loose);
    }
}
