<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\Measured;
use Alternum\Core\Exchange\PieceWriter;
use Alternum\Core\Form\PieceForm;
use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\SizeOf;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** A finished piece that is measured says how far the fabric gives, for every piece of the plan. */
final class MeasuredTest extends TestCase
{
    private static function plan(): Plan
    {
        return Plans::of([], [], [], [
            'gauge' => ['stitchesPer10cm' => 20, 'roundsPer10cm' => 20],
            'pieces' => [Plans::piece('ball', Plans::ball(6), ['name' => 'Ball']), Plans::piece('small', Plans::ball(4)), Plans::piece('none', [])],
        ]);
    }

    private static function form(Plan $plan, int $piece = 0): PieceForm
    {
        return Analysis::of($plan)->pieces[$piece]->stages->form;
    }

    /** Whatever was measured, the piece then comes out so, and its remark says from where. */
    public function testThePieceComesOutAsItWasMeasured(): void
    {
        $says = [
            [SizeOf::Width, 66.0, 'Ball was 6.6 cm wide'],
            [SizeOf::Girth, 200.0, 'Ball was 20 cm around'],
            [SizeOf::Height, 61.0, 'Ball was 6.1 cm high'],
        ];
        foreach ($says as [$measure, $mm, $said]) {
            $plan = (new Measured('ball', $measure, $mm))->apply(self::plan());
            $form = self::form($plan);
            $came = match ($measure) {
                SizeOf::Width => $form->width,
                SizeOf::Girth => $form->girth,
                SizeOf::Height => $form->height,
            };
            self::assertEqualsWithDelta($mm, $came, 0.1);
            $size = PieceWriter::values($plan, Analysis::of($plan)->pieces[0], Analysis::of($plan)->lengths[0])['size'];
            self::assertIsArray($size);
            self::assertSame(["From your measure: {$said}."], $size['remarks']);
        }
    }

    /** Of a ball of square stitches the pressure is about (width × π / (N × w) − 1) / 0.95: a rule that was tried out, from memory. */
    public function testTheRuleOfABall(): void
    {
        foreach ([1.03, 1.06, 1.1] as $wider) {
            $stretch = (new Measured('ball', SizeOf::Width, $wider * 36 * 5 / \M_PI))->apply(self::plan())->gauge->stretch;
            self::assertNotNull($stretch);
            self::assertEqualsWithDelta(($wider - 1) / 0.95, $stretch->times * 0.08, 0.1 * ($wider - 1));
        }
    }

    /** The other pieces, of the same yarn and hook, go by it as well. */
    public function testTheOtherPiecesGoByIt(): void
    {
        $plan = (new Measured('ball', SizeOf::Width, 68.0))->apply(self::plan());
        self::assertGreaterThan(self::form(self::plan(), 1)->width + 1.0, self::form($plan, 1)->width);
        self::assertEquals(self::plan(), (new Measured('ball', SizeOf::Width, null))->apply($plan), 'As is usual again.');
    }

    /** In another gauge it says nothing any more, and that is told. */
    public function testOfAnotherGaugeItSaysNothing(): void
    {
        $plan = (new Measured('ball', SizeOf::Width, 68.0))->apply(self::plan());
        $other = $plan->withGauge(new Gauge(22.0, 20.0, null, $plan->gauge->stretch));
        self::assertEqualsWithDelta(self::form(self::plan()->withGauge(new Gauge(22.0, 20.0)))->width, self::form($other)->width, 1e-9);
        $told = array_filter(Analysis::of($other)->problems, static fn (Problem $problem): bool => 'gauge' === $problem->path);
        self::assertCount(1, $told);
    }

    public function testWhatNoFabricGivesIsRefused(): void
    {
        foreach ([[new Measured('ball', SizeOf::Width, 30.0), 'measured.unlike'], [new Measured('ball', SizeOf::Width, 300.0), 'measured.unlike'],
            [new Measured('none', SizeOf::Width, 60.0), 'edit.noRounds'], [new Measured('gone', SizeOf::Width, 60.0), 'edit.noPiece']] as [$edit, $code]) {
            try {
                $edit->apply(self::plan());
                self::fail($code);
            } catch (EditRefused $refused) {
                self::assertSame($code, $refused->says->code);
            }
        }
        $flat = Plans::of(['6 sc in MR', 'inc x6', '(sc, inc) x6'], [], ['finish' => ['stuffing' => ['firmness' => 'none']]]);
        $this->expectException(EditRefused::class);
        (new Measured('body', SizeOf::Width, 30.0))->apply($flat);
    }

    /** Rounds that were not counted are assumed, a tenth more than stitches, and it is said that the height stands on them. From memory. */
    public function testRoundsThatWereNotCountedAreAssumedAndSaid(): void
    {
        $plan = Plans::of(Plans::ball(6), [], [], ['gauge' => ['stitchesPer10cm' => 20]]);
        self::assertSame(['stitchesPer10cm' => 20], $plan->gauge->values());
        self::assertEqualsWithDelta(self::form($plan->withGauge(new Gauge(20.0, 22.0)))->height, self::form($plan)->height, 1e-9);
        $size = PieceWriter::values($plan, Analysis::of($plan)->pieces[0], Analysis::of($plan)->lengths[0])['size'];
        self::assertIsArray($size);
        self::assertSame(['The rounds were not counted: 22 in 10 cm are assumed. The height depends most on them.'], $size['remarks']);
    }
}
