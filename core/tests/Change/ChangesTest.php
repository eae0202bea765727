<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Change;

use Alternum\Core\Analysis;
use Alternum\Core\Change\BestFront;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ChangesTest extends TestCase
{
    private const TUBE = ['40 sc in MR', 'R2-20: sc around'];

    /**
     * @param list<array<string, mixed>> $colours
     * @param array<string, mixed>       $piece
     */
    private static function piece(array $colours, array $piece = []): PieceAnalysis
    {
        return Analysis::of(Plans::of(self::TUBE, $colours, ['lean' => 0.5] + $piece))->pieces[0];
    }

    /** By hand: round 5 of a tube of 40 with lean ½ begins 4 × ½ stitch back, at −18°. */
    public function testFindsAJogAtTheMarkerOfTheNextRound(): void
    {
        $changes = self::piece([Plans::stripes(5, 20, [['B', 16]])])->changes->all;
        self::assertCount(1, $changes);
        [$place, $yarns] = [$changes[0]->place, $changes[0]->yarns];
        self::assertSame([4, 40, 'A', 'B', true], [$place->round, $place->stitch, $yarns->from, $yarns->to, $place->isJog]);
        self::assertEqualsWithDelta(342.0, $changes[0]->place->degrees, 1e-9);
        self::assertEqualsWithDelta(162.0, $changes[0]->place->fromFront, 1e-9);
        self::assertFalse($changes[0]->shows());
        self::assertSame([Method::Plain, 1.0], [$changes[0]->treatment->method, $changes[0]->treatment->step]);
    }

    public function testAChangeWithinARoundIsNoStep(): void
    {
        $changes = self::piece([['kind' => 'run', 'round' => 3, 'from' => 11, 'to' => 20, 'yarn' => 'B']])->changes->all;
        self::assertCount(2, $changes);
        self::assertSame(
            [[3, 10, false, 0.0], [3, 20, false, 0.0]],
            array_map(static fn (Change $c): array => [$c->place->round, $c->place->stitch, $c->place->isJog, $c->treatment->step], $changes),
        );
        // 10 of 40 stitches on from the marker, which stands at −2 × ½ stitch: 90° − 9°.
        self::assertEqualsWithDelta(81.0, $changes[0]->place->degrees, 1e-9);
    }

    /** Who looks at the front sees half of the piece: 90° from it still shows, a little more does not. */
    #[TestWith([342.0 - 90.0, true])]
    #[TestWith([342.0 - 90.5, false])]
    #[TestWith([72.0, true])]
    #[TestWith([73.0, false])]
    public function testShowsWithinNinetyDegreesOfTheFront(float $front, bool $shows): void
    {
        $change = self::piece([Plans::stripes(5, 20, [['B', 16]])], ['front' => ['degrees' => $front]])->changes->all[0];
        self::assertSame($shows, $change->shows());
        self::assertSame($shows ? Method::DrawnLoop : Method::Plain, $change->treatment->method);
    }

    public function testAStripeOfOneRoundThatShowsIsBegunWithASlipStitch(): void
    {
        $changes = self::piece([Plans::stripes(5, 5, [['B', 1]])], ['front' => ['degrees' => 342]])->changes->all;
        self::assertSame([Method::SlipStitch, Method::DrawnLoop], [$changes[0]->treatment->method, $changes[1]->treatment->method]);
    }

    /** A drawn loop moves the marker one stitch on, for all rounds from there. */
    public function testADrawnLoopMovesTheMarker(): void
    {
        $colours = [Plans::stripes(5, 20, [['B', 4], ['A', 4]])];
        $plain = self::piece($colours, ['changes' => ['method' => 'plain']]);
        $loops = self::piece($colours, ['changes' => ['method' => 'drawn-loop']]);
        $moved = array_map(
            static fn (int $round): int => (int) round(($loops->stages->frame->start($round) - $plain->stages->frame->start($round)) * 40),
            range(1, 20),
        );
        self::assertSame([0, 0, 0, 0, 1, 1, 1, 1, 2, 2, 2, 2, 3, 3, 3, 3, 4, 4, 4, 4], $moved);
        // A change is at the marker as it was when the yarn was swapped; the loop moves what comes after.
        self::assertEqualsWithDelta($plain->changes->all[0]->place->degrees, $loops->changes->all[0]->place->degrees, 1e-9);
        self::assertTrue($loops->changes->all[0]->treatment->isChosen);
    }

    public function testAChoiceForOneRoundGoesBeforeThePieces(): void
    {
        $changes = self::piece(
            [Plans::stripes(5, 20, [['B', 4], ['A', 4]])],
            ['changes' => ['method' => 'plain', 'at' => [['round' => 8, 'method' => 'slip-stitch']]]],
        )->changes->all;
        self::assertSame(
            [Method::Plain, Method::SlipStitch, Method::Plain, Method::Plain],
            array_map(static fn (Change $c): Method => $c->treatment->method, $changes),
        );
    }

    /** Carried up inside over up to three rounds of another yarn, cut for longer: common practice, no source. */
    #[TestWith([1, OldYarn::Carry])]
    #[TestWith([3, OldYarn::Carry])]
    #[TestWith([4, OldYarn::Cut])]
    public function testCarriesOverThreeRounds(int $rounds, OldYarn $fate): void
    {
        $changes = self::piece([Plans::stripes(5, 4 + $rounds, [['B', $rounds]])])->changes->all;
        self::assertSame([$fate, OldYarn::Cut], [$changes[0]->yarns->old, $changes[1]->yarns->old]);
        self::assertSame(5 + $rounds, $changes[0]->yarns->backRound);
        self::assertNull($changes[1]->yarns->backRound);
    }

    public function testWithinARoundTheYarnFloats(): void
    {
        $changes = self::piece([
            ['kind' => 'run', 'round' => 3, 'from' => 11, 'to' => 12, 'yarn' => 'B'],
            ['kind' => 'run', 'round' => 3, 'from' => 21, 'to' => 22, 'yarn' => 'B'],
        ])->changes->all;
        self::assertSame([OldYarn::Float, OldYarn::Float, OldYarn::Float, OldYarn::Cut], array_map(static fn (Change $c): OldYarn => $c->yarns->old, $changes));
    }

    public function testJoinedRoundsMeetAtASeam(): void
    {
        $change = self::piece([Plans::stripes(5, 20, [['B', 16]])], ['worked' => 'joined', 'front' => ['degrees' => 342]])->changes->all[0];
        self::assertSame([Method::ClosedRound, 0.2], [$change->treatment->method, $change->treatment->step]);
    }

    public function testRowsMakeNoJog(): void
    {
        $piece = Analysis::of(Plans::of(['ch 10', '10 sc', '10 sc', '10 sc'], [Plans::stripes(3, 4, [['B', 2]])], ['worked' => 'rows']))->pieces[0];
        self::assertFalse($piece->changes->all[0]->place->isJog);
        self::assertNull($piece->bestFront()->nearest);
    }

    /** By hand: opposite the one jog; between two equal ones; nearer to the lower of two. */
    public function testTheBestFront(): void
    {
        self::assertSame([120.0, 180.0], self::front(BestFront::among([300 => 1.0], 0.0)));
        self::assertSame([180.0, 150.0], self::front(BestFront::among([330 => 1.0, 30 => 1.0], 0.0)));
        self::assertSame([60.0, 60.0], self::front(BestFront::among([0 => 0.5, 180 => 1.0], 10.0)));
        self::assertSame([77.0, null], self::front(BestFront::among([], 77.0)));
        self::assertSame([77.0, null], self::front(BestFront::among([10 => 0.0], 77.0)));
    }

    /** Against a search over every degree, done the plain way. */
    public function testTheBestFrontBeatsEveryOther(): void
    {
        mt_srand(7);
        for ($i = 0; $i < 25; ++$i) {
            $jogs = array_map(static fn (): array => [(float) mt_rand(0, 359), [1.0, 0.5, 0.35][mt_rand(0, 2)]], array_fill(0, mt_rand(1, 9), 0));
            $worth = static fn (float $front): float => min(array_map(
                static fn (array $jog): float => abs(fmod($front - $jog[0] + 540.0, 360.0) - 180.0) / $jog[1],
                $jogs,
            ));
            $heights = [];
            foreach ($jogs as [$at, $height]) {
                $heights[(int) $at] = max($heights[(int) $at] ?? 0.0, $height);
            }
            $best = BestFront::among($heights, 0.0);
            self::assertEqualsWithDelta(max(array_map($worth, array_map(floatval(...), range(0, 359)))), $worth($best->degrees), 1e-9);
        }
    }

    /** Turning to the best front leaves it the best. */
    public function testTheBestFrontStays(): void
    {
        $colours = [Plans::stripes(3, 18, [['B', 2], ['A', 3]])];
        $best = self::piece($colours, ['front' => ['degrees' => 340]])->bestFront()->degrees;
        $turned = self::piece($colours, ['front' => ['degrees' => $best]]);
        self::assertSame($best, $turned->bestFront()->degrees);
        self::assertSame([], array_filter($turned->changes->all, static fn (Change $c): bool => $c->shows()));
    }

    public function testSaysItInWords(): void
    {
        $plan = Plans::of(self::TUBE, [Plans::stripes(5, 7, [['B', 3]])], ['lean' => 0.5]);
        $piece = Analysis::of($plan)->pieces[0];
        $words = Plans::changeWords($plan, $piece, Terms::Uk);
        self::assertSame('after stitch 40 of round 4: A → B, at 342°, a jog of one round, at the back', $words->summary($piece->changes->all[0]));
        self::assertStringContainsString('last dc in A (Chalk)', $words->toDo($piece->changes->all[0]));
        self::assertStringContainsString('A comes back after 3 rounds, near enough to carry.', $words->why($piece->changes->all[0]));
        self::assertStringContainsString('Cut B, leaving 15 cm.', $words->toDo($piece->changes->all[1]));
    }

    /** @return array{float, float|null} */
    private static function front(BestFront $front): array
    {
        return [$front->degrees, $front->nearest];
    }
}
