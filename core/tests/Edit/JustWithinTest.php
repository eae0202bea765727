<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\Nearest;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What an edit may just be on a plan, and what is too much for it; what is not said of it changes nothing. */
final class JustWithinTest extends TestCase
{
    /**
     * @param array<string, mixed> $edit
     *
     * @return Plan|string why it is refused
     */
    private static function done(Plan $plan, array $edit): Plan|string
    {
        try {
            return EditKinds::read($edit + ['piece' => 'body'], '')->apply($plan);
        } catch (EditRefused $no) {
            return $no->says->code;
        }
    }

    /** A marker that wanders two stitches a round is a steep one; more is a mistake in counting. One stitch in three rounds is 0.333. */
    public function testALeanIsAtMostTwoStitchesARound(): void
    {
        $lean = static function (float $stitches, int $rounds): float|string {
            $plan = self::done(Plans::of(Plans::ball(4)), ['do' => 'lean', 'stitches' => $stitches, 'rounds' => $rounds]);

            return $plan instanceof Plan ? $plan->leanOf($plan->pieces[0]) : $plan;
        };
        self::assertSame([2.0, -2.0, 0.333], [$lean(20, 10), $lean(-20, 10), $lean(1, 3)]);
        self::assertSame(['lean.tooMuch', 'lean.tooMuch'], [$lean(20.1, 10), $lean(-20.1, 10)]);
    }

    /** A picture of as many rows as the piece has rounds fits; of one more it does not. */
    public function testAPictureIsNoHigherThanThePiece(): void
    {
        $plan = Plans::of(['24 sc in MR', 'R2-5: sc around']);
        self::assertInstanceOf(Plan::class, self::done($plan, ['do' => 'motif', 'rows' => array_fill(0, 5, 'B'), 'round' => 3]));
        self::assertSame('motif.higher', self::done($plan, ['do' => 'motif', 'rows' => array_fill(0, 6, 'B'), 'round' => 3]));
    }

    public function testAPieceBearsSoManyPlacements(): void
    {
        $plan = Plans::of(Plans::ball(6));
        for ($i = 0; $i < Limits::PLACEMENTS; ++$i) {
            $plan = self::done($plan, ['do' => 'put', 'what' => 'beads', 'round' => 7, 'stitch' => 1 + $i % 30]);
            self::assertInstanceOf(Plan::class, $plan, "the placement after {$i}");
        }
        self::assertSame('put.full', self::done($plan, ['do' => 'put', 'what' => 'beads', 'round' => 8, 'stitch' => 1]));
    }

    /** Moved up by a round it stays at its stitch; moved along by a stitch it stays in its round. */
    public function testWhatIsMovedOneWayStaysTheOther(): void
    {
        $plan = self::done(Plans::of(Plans::ball(6)), ['do' => 'put', 'what' => 'nose', 'round' => 7, 'stitch' => 9]);
        self::assertInstanceOf(Plan::class, $plan);
        $key = $plan->pieces[0]->placements[0]->key;
        $at = static function (Plan|string $of): array {
            self::assertInstanceOf(Plan::class, $of);
            $place = $of->pieces[0]->placements[0]->place;

            return [$place->number, $place->stitches];
        };
        [$round, $stitches] = $at($plan);
        self::assertSame([$round - 1, $stitches], $at(self::done($plan, ['do' => 'nudge', 'key' => $key, 'rounds' => -1])));
        self::assertSame([$round, $stitches + 2.0], $at(self::done($plan, ['do' => 'nudge', 'key' => $key, 'stitches' => 2])));
        self::assertSame([$round, $stitches], $at(self::done($plan, ['do' => 'nudge', 'key' => $key, 'turn' => 30])));
    }

    /** A count that is looked for may be the least or the most that is allowed. */
    #[TestWith([7.0, 3, 7])]
    #[TestWith([99.0, 3, 10])]
    #[TestWith([-9.0, 3, 1])]
    #[TestWith([9.6, 9, 10])]
    #[TestWith([1.4, 2, 1])]
    public function testTheCountNextToAMeasure(float $asked, int $guess, int $is): void
    {
        self::assertSame($is, Nearest::to($guess, 1, 10, $asked, 3.0, static fn (int $count): float => (float) $count));
    }

    /** A piece that is stretched as far as fabric gives may have been measured; what is far from it was another piece. */
    public function testAMeasureMayBeOfThisPiece(): void
    {
        $plan = Plans::of(Plans::ball(6));
        $wide = Analysis::of($plan)->pieces[0]->form->width;
        self::assertInstanceOf(Plan::class, self::done($plan, ['do' => 'measured', 'measure' => 'width', 'mm' => $wide]));
        self::assertSame('measured.unlike', self::done($plan, ['do' => 'measured', 'measure' => 'width', 'mm' => 3 * $wide]));
        self::assertSame('measured.unlike', self::done($plan, ['do' => 'measured', 'measure' => 'width', 'mm' => $wide / 3]));
    }
}
