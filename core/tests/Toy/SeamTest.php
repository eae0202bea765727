<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Toy;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\SaidJoint;
use Alternum\Core\Exchange\AnalysisWriter;
use Alternum\Core\Exchange\PlanAnswer;
use Alternum\Core\Exchange\ToyWriter;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Notation\Remembered;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\ContractedPlan;
use Alternum\Core\Tests\Notation\WrittenMemory;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Yarn\YarnPurpose;
use PHPUnit\Framework\TestCase;

/** What a seam asks for beside its thread: an edge that is level, stuffing, a turn on its seat; and what it hides. */
final class SeamTest extends TestCase
{
    /** @param array<string, mixed> $joint */
    private static function saidOf(array $joint): string
    {
        return array_column(ToyWriter::assembly(Analysis::of(Toys::withParts([$joint])), Terms::Us), 'text')[0];
    }

    /** @param array<string, mixed> $joint of the ears */
    private static function joins(array $joint): float
    {
        return Analysis::of(Toys::withParts([$joint]))->amounts->amounts[0]->parts[YarnPurpose::Joins->value] ?? 0.0;
    }

    /**
     * @param array<string, mixed> $fields of a bud
     * @param array<string, mixed> $joint  that puts it on
     */
    private static function bud(array $fields, array $joint = [], string $last = 'R3-6: sc around'): string
    {
        $plan = Toys::withParts([['part' => 'bud'] + $joint], [Plans::piece('bud', ['6 sc in MR', 'inc x6', $last], ['name' => 'Bud'] + $fields)]);
        $pattern = WrittenPattern::text(Analysis::of($plan), Terms::Us);

        return substr($pattern, (int) strpos($pattern, 'BUD ('));
    }

    /**
     * A jog that lies under a part is told to be hidden, as long as it is: of an ear of 12 stitches, until it is worked as narrow as 6, or moved. Both where
     * the toy is looked at as a whole, and where what was answered of the body is remembered while the ear is edited.
     */
    public function testAPartTellsTheJogThatItHides(): void
    {
        $plan = static fn (string $ear, float $stitches): Plan => Plans::of([], [], [], [
            'gauge' => ['stitchesPer10cm' => 20, 'roundsPer10cm' => 20],
            'pieces' => [
                Plans::piece('body', ['R1: 36 sc in MR', 'R2-20: sc around'], [
                    'colours' => [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(9, 20, [['B', 12]])],
                    'changes' => ['method' => 'plain'], 'lean' => 0, 'front' => ['degrees' => 0], 'finish' => ['stuffing' => ['firmness' => 'none']],
                ]),
                Plans::piece('ear', ['6 sc in MR', $ear, 'R3-6: sc around'], ['name' => 'Ear']),
            ],
            'assembly' => [['key' => 'j1', 'part' => 'ear', 'onto' => 'body', 'at' => ['anchor' => 'round', 'number' => 8, 'stitches' => $stitches]]],
        ]);
        Remembered::by(new WrittenMemory());
        try {
            // A seam of 60 mm lies 9.5 mm to every side, one of 30 mm 4.8 mm; a stitch is 5 mm wide.
            $tried = [['inc x6', 1.5, true], ['sc around', 1.5, false], ['inc x6', 1.5, true], ['inc x6', 3.0, false], ['inc x6', 0.0, true]];
            foreach ($tried as [$ear, $stitches, $hides]) {
                $now = $plan($ear, $stitches);
                $told = $hides ? '"coveredBy":"the ear"' : '"coveredBy":null';
                self::assertStringContainsString($told, Json::encode(AnalysisWriter::values(Analysis::of($now))), "{$ear} {$stitches}");
                self::assertStringContainsString($told, PlanAnswer::of($now, 'ear')->json('ear'), "{$ear} {$stitches}");
            }
        } finally {
            Remembered::by(null);
        }
    }

    /**
     * Along its side a part may touch with some of its rounds only. By hand: of a tube of 20 stitches, not stuffed, rounds 3 to 8 are six rounds of 5 mm, 30 mm
     * of seam, for which whip stitch takes three times that, and a hand 15 cm.
     */
    public function testAStretchOfItsRounds(): void
    {
        $tube = Plans::piece('tube', ['R1: 20 sc in MR', 'R2-10: sc around'], ['name' => 'Tube', 'finish' => ['stuffing' => ['firmness' => 'none']]]);
        $joint = static fn (int $from, int $to): Plan => Toys::withParts(
            [['part' => 'tube', 'edge' => 'side', 'stretch' => ['from' => $from, 'to' => $to]]],
            [$tube],
        );
        $laid = Analysis::of($joint(3, 8))->assembled->joints[0];
        self::assertEqualsWithDelta([30.0, 240.0], [$laid->seamMm, $laid->needsMm], 0.01);
        $said = array_column(ToyWriter::assembly(Analysis::of($joint(3, 8)), Terms::Us), 'text')[0];
        self::assertStringContainsString('with whip stitch along the side, from round 3 to round 8', $said);
        self::assertEquals($joint(3, 8)->assembly[0]->stretch, (new SaidJoint($joint(3, 8)))->in($said)[0]->stretch, 'It is read back.');
        self::assertTrue(ContractedPlan::isValid($joint(3, 8)->values()));
        foreach ([[8, 3], [3, 11]] as [$from, $to]) {
            $problems = Analysis::of($joint($from, $to))->assembled->problems;
            $told = array_map(static fn ($one): string => "{$one->path} {$one->message->code}", $problems);
            self::assertSame(['assembly[0].stretch.to joint.noStretch'], $told);
        }
        $this->expectException(InvalidFields::class);
        Toys::withParts([['edge' => 'open', 'stretch' => ['from' => 1, 'to' => 2]]]);
    }

    /** A part over another, or across the face that is to stay plain, is told; beside them it is not. */
    public function testWhatAPartShouldNotLieOver(): void
    {
        $over = static fn (float $arm, array $body): array => Analysis::of(Plans::of([], [], [], ['pieces' => [
            Plans::piece('body', Plans::ball(8), ['name' => 'Body'] + $body),
            Plans::piece('ear', ['6 sc in MR', 'inc x6', 'R3-6: sc around'], ['name' => 'Ear']),
            Plans::piece('arm', ['6 sc in MR', 'inc x6', 'R3-6: sc around'], ['name' => 'Arm']),
        ], 'assembly' => [
            ['key' => 'j1', 'part' => 'ear', 'onto' => 'body', 'at' => ['anchor' => 'round', 'number' => 12, 'stitches' => 12]],
            ['key' => 'j2', 'part' => 'arm', 'onto' => 'body', 'at' => ['anchor' => 'round', 'number' => 12, 'stitches' => $arm]],
        ]]))->assembled->joints[1]->over;
        self::assertSame(['Ear'], $over(11.0, []));
        self::assertSame([], $over(6.0, []));
        $face = ['face' => ['from' => 10, 'to' => 14, 'degrees' => 60]];
        self::assertSame(['the face that is to stay plain'], $over(2.0, $face));
        self::assertSame([], $over(-12.0, $face));
    }

    /** What comes off again hides nothing. */
    public function testWhatIsSlippedOnHidesNoJog(): void
    {
        $plan = Toys::withParts([['hold' => 'slipped', 'at' => ['anchor' => 'round', 'number' => 3]]]);
        self::assertSame([], Analysis::of($plan)->pieces[0]->covers());
    }

    /** A hinge holds as many stitches as it is said to, and takes twice their seam: 30 mm each, from memory. Only a hinge says so. */
    public function testAHingeHoldsSoManyStitches(): void
    {
        $plan = Toys::withParts([['hold' => 'hinge', 'over' => 6]]);
        self::assertTrue(ContractedPlan::isValid($plan->values()));
        self::assertSame(180.0 + 150.0, Analysis::of($plan)->assembled->joints[0]->needsMm);
        self::assertStringContainsString('Sew over 6 stitches of the edge only, twice', self::saidOf(['hold' => 'hinge', 'over' => 6]));
        self::assertStringContainsString('Sew over 4 stitches of the edge', self::saidOf(['hold' => 'hinge']));
        $this->expectException(InvalidFields::class);
        Toys::withParts([['hold' => 'whip', 'over' => 6]]);
    }

    /** A flat edge that is turned by a right angle runs upright; anything else is turned on its seat. */
    public function testAPartIsTurnedOnItsSeat(): void
    {
        self::assertStringContainsString('. Let its edge run upright', self::saidOf(['edge' => 'flat', 'turned' => 90]));
        self::assertStringContainsString('. Turn it 30° to the left on its seat', self::saidOf(['edge' => 'flat', 'turned' => -30]));
        self::assertStringContainsString('. Turn it 90° to the right on its seat', self::saidOf(['turned' => 90]));
        self::assertStringNotContainsString('Turn', self::saidOf([]));
    }

    /**
     * A part may be stuffed while it is sewn on: then it is left empty when it is made, and its seam says when; else its seam says to fill it up. A closed
     * end lets nothing through. Common practice, no source.
     */
    public function testAPartIsStuffedBeforeOrThen(): void
    {
        $then = Toys::withParts([['stuffedThen' => true]]);
        $pattern = WrittenPattern::text(Analysis::of($then), Terms::Us);
        $ear = substr($pattern, (int) strpos($pattern, 'EAR ('), 400);
        self::assertStringContainsString('Leave it empty for now: it is stuffed while it is sewn on', $ear);
        self::assertStringNotContainsString('Stuff ', substr($ear, 0, (int) strpos($ear, 'ARM (')));
        self::assertStringContainsString('Stop a few stitches before the end, stuff it through the gap, and sew on', self::saidOf(['stuffedThen' => true]));
        self::assertStringContainsString('Before the last few stitches, fill up the stuffing under the edge', self::saidOf([]));
        $closed = Analysis::of(Toys::withParts([['stuffedThen' => true, 'edge' => 'closed']]))->assembled->problems;
        self::assertSame(['assembly[0].stuffedThen joint.closedBefore'], array_map(static fn ($one): string => "{$one->path} {$one->message->code}", $closed));
    }

    /**
     * A spiral ends on a step: before its open edge is sewn down all around, a slip stitch levels it, and is in the sums. Joined rounds end level, a flat
     * edge is sewn over, and what ends in a slip stitch has it already. Common practice, no source.
     */
    public function testAnOpenSpiralEdgeIsLevelled(): void
    {
        self::assertStringContainsString('Sl st in the next st, so that the edge is level. Fasten off', self::bud([]));
        self::assertStringNotContainsString('Sl st in the next st', self::bud(['worked' => 'joined']));
        self::assertStringNotContainsString('Sl st in the next st', self::bud([], ['edge' => 'flat']));
        self::assertStringNotContainsString('Sl st in the next st', self::bud([], [], 'R3: 11 sc, sl st'));
        // 0.55 of a single crochet of eight times 5 mm, for each of the two ears.
        self::assertEqualsWithDelta(2 * 0.55 * 0.04, self::joins([]) - self::joins(['edge' => 'flat']), 1e-9);
    }
}
