<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\Form;
use Alternum\Core\Edit\FormSize;
use Alternum\Core\Edit\Profile;
use Alternum\Core\Edit\RoundWriter;
use Alternum\Core\Edit\Shape;
use Alternum\Core\Edit\Spread;
use Alternum\Core\Form\PieceForm;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Printer;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\RepeatFinder;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ShapeTest extends TestCase
{
    /** 18 stitches in 9 rounds, 30 in 15, 42 in 21: common practice, no source. */
    #[TestWith([3, 18, 9])]
    #[TestWith([5, 30, 15])]
    #[TestWith([7, 42, 21])]
    public function testTheTradesBalls(int $steps, int $widest, int $rounds): void
    {
        $counts = Profile::of(Form::Ball, 6, $steps, 0);
        self::assertCount($rounds, $counts);
        self::assertSame($widest, max($counts));
        self::assertSame(6, $counts[$rounds - 1]);
    }

    /** Every form, from every start, in both spreads and both countries' words, is read back as the counts it was laid out for. */
    public function testEveryFormIsReadBack(): void
    {
        foreach (Form::cases() as $form) {
            foreach ([4, 5, 6, 7, 8, 10] as $start) {
                foreach ([1, 2, 5, 8] as $steps) {
                    foreach (Spread::cases() as $spread) {
                        $terms = 0 === $start % 2 ? Terms::Us : Terms::Uk;
                        $counts = Profile::of($form, $start, $steps, 17);
                        $lines = (new RoundWriter($terms, $spread, Stitch::InvisibleDecrease))->lines($counts);
                        $reading = Reader::read($lines, $terms);
                        self::assertSame([], $reading->problems, implode("\n", $lines));
                        self::assertSame($counts, array_map(static fn (Round $round): int => $round->makes, $reading->rounds), implode("\n", $lines));
                    }
                }
            }
        }
    }

    public function testWritesTheShortForm(): void
    {
        $stacked = (new RoundWriter(Terms::Us, Spread::Stacked, Stitch::Decrease))->lines(Profile::of(Form::Ball, 6, 4, 0));
        self::assertSame(
            [
                'R1: 6 sc in MR (6)', 'R2: inc x6 (12)', 'R3: (sc, inc) x6 (18)', 'R4: (2 sc, inc) x6 (24)',
                'R5-9: sc around (24)', 'R10: (2 sc, dec) x6 (18)', 'R11: (sc, dec) x6 (12)', 'R12: dec x6 (6)',
            ],
            $stacked,
        );
        $staggered = (new RoundWriter(Terms::Us, Spread::Staggered, Stitch::Decrease))->lines([6, 12, 18, 24, 30]);
        self::assertSame(['R3: (inc, sc) x6 (18)', 'R4: (2 sc, inc) x6 (24)', 'R5: (sc, inc, 2 sc) x6 (30)'], \array_slice($staggered, 2));
    }

    /** What is asked for is what comes out, within a round and an increase, also where stitches are not square; a ball is as high as wide. */
    #[TestWith([Form::Ball, 60.0, null])]
    #[TestWith([Form::Ball, 100.0, null])]
    #[TestWith([Form::Capsule, 60.0, 90.0])]
    #[TestWith([Form::Capsule, 60.0, 150.0])]
    #[TestWith([Form::Tube, 30.0, 50.0])]
    #[TestWith([Form::Egg, 50.0, null])]
    #[TestWith([Form::Cone, 50.0, 80.0])]
    #[TestWith([Form::Cone, 80.0, 50.0])]
    #[TestWith([Form::Drum, 60.0, 100.0])]
    #[TestWith([Form::Bowl, 80.0, 30.0])]
    public function testMeasuresAsAsked(Form $form, float $width, ?float $height): void
    {
        foreach ([[20, 20], [23, 24], [28, 32]] as [$stitches, $rounds]) {
            $gauge = ['gauge' => ['stitchesPer10cm' => $stitches, 'roundsPer10cm' => $rounds]];
            $plan = (new Shape('body', $form, 6, new FormSize($width, heightMm: $height), Spread::Staggered, Stitch::InvisibleDecrease))->apply(
                Plans::of([], plan: $gauge),
            );
            $size = Analysis::of($plan)->pieces[0]->stages->form;
            self::assertEqualsWithDelta($width, $size->width, 6 * 100 / $stitches / \M_PI);
            if (Form::Egg !== $form) {
                self::assertEqualsWithDelta($height ?? $width, $size->height, 100 / $rounds);
            }
            self::assertEqualsWithDelta($size->width * \M_PI, $size->girth, 1e-9);
        }
    }

    /** A ball of equal steps is a little fuller than π/6·d²·h, a drum a little less so than the cylinder's π r² h: stuffing rounds its ends. */
    public function testHoldsWhatItsFormHolds(): void
    {
        $square = ['gauge' => ['stitchesPer10cm' => 20, 'roundsPer10cm' => 20]];
        $size = static fn (Form $form, FormSize $extent): PieceForm => Analysis::of(
            (new Shape('body', $form, 6, $extent, Spread::Stacked, Stitch::Decrease))->apply(Plans::of([], plan: $square)),
        )->pieces[0]->stages->form;
        $ball = $size(Form::Ball, new FormSize(80.0));
        $ellipsoid = \M_PI / 6 * ($ball->width / 10) ** 2 * $ball->height / 10;
        self::assertGreaterThan($ellipsoid, $ball->volume);
        self::assertLessThan(1.2 * $ellipsoid, $ball->volume);
        $drum = $size(Form::Drum, new FormSize(60.0, heightMm: 100.0));
        $cylinder = \M_PI * ($drum->width / 20) ** 2 * $drum->height / 10;
        self::assertLessThan($cylinder, $drum->volume);
        self::assertGreaterThan(0.8 * $cylinder, $drum->volume);
    }

    /** A drum of 6 cm that is stuffed is not 2 cm high: its ends bulge by more. */
    public function testWhatCannotBeReachedIsSaid(): void
    {
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage('shape.unreached');
        (new Shape('body', Form::Drum, 6, new FormSize(60.0, heightMm: 20.0), Spread::Stacked, Stitch::Decrease))->apply(Plans::of([]));
    }

    public function testAnOpenPieceCanBeReachedInto(): void
    {
        self::assertNull(Analysis::of(Plans::of(['6 sc in MR', 'inc x6', '(sc, inc) x6', 'sc around']))->pieces[0]->stages->form->lastReach);
        self::assertSame(
            5,
            Analysis::of(Plans::of([
                '6 sc in MR',
                'inc x6',
                '(sc, inc) x6',
                'R4-5: sc around',
                '(sc, dec) x6',
                'dec x6',
            ]))->pieces[0]->stages->form->lastReach,
        );
    }

    /** Too many stitches in a round, too many rounds, too many stitches in all. */
    #[TestWith([Form::Ball, 3000.0, null])]
    #[TestWith([Form::Tube, 30.0, 2000.0])]
    #[TestWith([Form::Cone, 600.0, 1500.0])]
    public function testTooLargeIsRefused(Form $form, float $width, ?float $height): void
    {
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage('shape.tooLarge');
        (new Shape('body', $form, 6, new FormSize($width, heightMm: $height), Spread::Stacked, Stitch::Decrease))->apply(Plans::of([]));
    }

    /** RepeatFinder is exact: what is folded and printed is read as the same stitches, over generated rounds. */
    public function testFoldingIsExact(): void
    {
        mt_srand(5);
        $printer = new Printer(Terms::Us);
        $kinds = ['s', 's', 's', 'i', 'v', 'h'];
        for ($i = 0; $i < 300; ++$i) {
            $unit = implode('', array_map(static fn (): string => $kinds[mt_rand(0, 5)], range(0, mt_rand(0, 6))));
            $codes = str_repeat('s', mt_rand(0, 4)).str_repeat($unit, mt_rand(1, 8)).str_repeat($kinds[mt_rand(0, 5)], mt_rand(0, 3));
            $folded = $printer->stitches(Line::of(RepeatFinder::of($codes)));
            $reading = Reader::read([Stitch::sumUses($codes).' sc in MR', $folded], Terms::Us);
            self::assertSame([], $reading->problems, $folded);
            self::assertSame($codes, $reading->rounds[1]->codes, $folded);
        }
        self::assertSame('(5 sc, inc) x6', $printer->stitches(Line::of(RepeatFinder::of(str_repeat('sssssi', 6)))));
        self::assertSame('3 sc, (inc, 4 sc) x5, dec', $printer->stitches(Line::of(RepeatFinder::of('sss'.str_repeat('issss', 5).'e'))));
    }

    /** @return list<int> the rounds' counts of a cone on square stitches, 2 to the cm */
    private static function cone(FormSize $extent): array
    {
        $plan = (new Shape('body', Form::Cone, 6, $extent, Spread::Stacked, Stitch::Decrease))->apply(Plans::of(
            [],
            plan: ['gauge' => ['stitchesPer10cm' => 20, 'roundsPer10cm' => 20]],
        ));
        $reading = Analysis::of($plan)->pieces[0]->stages->reading;
        self::assertSame([], $reading->problems);

        return array_map(static fn (Round $round): int => $round->makes, $reading->rounds);
    }

    /**
     * A cone's tip of 60° has a side as long as its base is wide, so that it grows by 2π sin 30° = π stitches a round of square ones:
     * (36 − 6) / π = 9.5 rounds after the first. Growing by three, 30 / 3 = 10. Of 180° it is flat: 2π a round.
     */
    public function testConesByAngleByGrowthAndByHeight(): void
    {
        self::assertCount(1 + 10, self::cone(new FormSize(stitches: 36, degrees: 60.0)));
        self::assertSame([6, 9, 12, 15, 18, 21, 24, 27, 30, 33, 36], self::cone(new FormSize(stitches: 36, growth: 3.0)));
        self::assertCount(1 + 5, self::cone(new FormSize(stitches: 36, degrees: 180.0)));
        self::assertCount(12, self::cone(new FormSize(stitches: 36, rounds: 12)));
        // Pythagoras: 40 mm high and 30 stitches of 5 mm wider around is a side of √(40² + 23.9²) = 46.6 mm, 9.3 rounds of 5 mm.
        self::assertCount(1 + 9, self::cone(new FormSize(stitches: 36, heightMm: 40.0)));
        $this->expectException(EditRefused::class);
        self::cone(new FormSize(stitches: 90, rounds: 3));
    }

    public function testFormsByStitches(): void
    {
        $plan = (new Shape('body', Form::Tube, 6, new FormSize(stitches: 30, rounds: 20), Spread::Stacked, Stitch::Decrease))->apply(Plans::of([]));
        $makes = array_map(static fn (Round $round): int => $round->makes, Analysis::of($plan)->pieces[0]->stages->reading->rounds);
        self::assertSame([20, 30], [\count($makes), $makes[19]]);
    }

    /** A drum and a capsule of equal counts are other fabric: the drum's flat ends turn at a round in back loops only. Common practice, no source. */
    public function testFlatEndsTurnInBackLoops(): void
    {
        $lines = static function (Form $form): array {
            $shape = new Shape('body', $form, 6, new FormSize(30.0, heightMm: 40.0), Spread::Stacked, Stitch::Decrease);

            return $shape->apply(Plans::of([]))->pieces[0]->rounds;
        };
        self::assertSame(
            ['R3: (sc, inc) x6 (18)', 'R4: sc around in BLO (18)'],
            \array_slice($lines(Form::Bowl), 2, 2),
        );
        $drum = $lines(Form::Drum);
        self::assertCount(2, array_filter($drum, static fn (string $line): bool => str_contains($line, 'in BLO')));
        self::assertStringContainsString('(sc, dec) x6 in BLO (12)', implode("\n", $drum));
        self::assertStringNotContainsString('BLO', implode("\n", $lines(Form::Capsule)));
        foreach ([Form::Drum, Form::Bowl] as $form) {
            self::assertSame([], Analysis::of(Plans::of($lines($form)))->problems);
        }
    }
}
