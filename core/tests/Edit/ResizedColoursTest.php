<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\Resize;
use Alternum\Core\Edit\ResizeTo;
use Alternum\Core\Form\Openings;
use Alternum\Core\Making\Placed;
use Alternum\Core\Notation\Round;
use Alternum\Core\Plan\Layer\Stripes;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is on a piece when the piece itself is made larger or smaller. */
final class ResizedColoursTest extends TestCase
{
    /** The yarn of each round's first stitch. */
    private static function letters(Plan $plan): string
    {
        return implode('', array_map(static fn (string $round): string => $round[0], Analysis::of($plan)->pieces[0]->stages->colouring->rounds));
    }

    /** @return list<int> how high each stripe is */
    private static function heights(string $letters): array
    {
        preg_match_all('/(.)\1*/', $letters, $stripes);

        return array_map(strlen(...), $stripes[0]);
    }

    #[TestWith([-1])]
    #[TestWith([-4])]
    #[TestWith([-7])]
    public function testNoStripeLiesBeyondTheEndOfAShorterPiece(int $longer): void
    {
        $plan = Plans::of(['24 sc in MR', 'R2-12: sc around'], [Plans::stripes(1, 12, [['A', 1], ['B', 1]])]);
        $shorter = (new Resize('body', 0, $longer))->apply($plan);
        self::assertSame([], Analysis::of($shorter)->problems);
        $layer = $shorter->pieces[0]->colours[0]->layer;
        self::assertInstanceOf(Stripes::class, $layer);
        self::assertSame(12 + $longer, $layer->to);
        self::assertSame(substr('ABABABABABAB', 0, 12 + $longer), self::letters($shorter));
    }

    /** Stripes of equal heights are of equal heights in the other size too; only the last may be cut off by the piece's end. */
    #[TestWith([3])]
    #[TestWith([-3])]
    #[TestWith([6])]
    public function testEqualStripesStayEqual(int $longer): void
    {
        $plan = Plans::of(['24 sc in MR', 'R2-24: sc around'], [Plans::stripes(1, 24, [['A', 2], ['B', 2]])]);
        $heights = self::heights(self::letters((new Resize('body', 0, $longer))->apply($plan)));
        self::assertSame(24 + $longer, array_sum($heights));
        self::assertCount(1, array_unique(\array_slice($heights, 0, -1)));
        self::assertLessThanOrEqual($heights[0], $heights[\count($heights) - 1]);
    }

    /**
     * A ball that does not begin on as many stitches as it gains in a round keeps its first round in half the size.
     *
     * @param non-empty-list<int> $grows
     */
    #[TestWith([[7, 13, 19, 25, 31, 37]])]
    #[TestWith([[5, 11, 17, 23, 29, 35]])]
    public function testHalfABallOfAnOddStart(array $grows): void
    {
        $lines = ["{$grows[0]} sc in MR"];
        foreach (\array_slice($grows, 1) as $i => $makes) {
            $below = $grows[$i];
            // Six increases, wherever they fit: the plain stitches that are left over come first.
            $each = intdiv($below, 6);
            $rest = $below - 6 * $each;
            $lines[] = 5 === $below ? '4 inc, 3 sc in next st' : ($rest > 0 ? "{$rest} sc, " : '').(1 === $each ? 'inc x6' : '('.($each - 1).' sc, inc) x6');
            self::assertSame($below + 6, $makes);
        }
        $lines[] = 'R7-12: sc around';
        $plan = Plans::of($lines);
        self::assertSame([], Analysis::of($plan)->problems);
        $size = Analysis::of($plan)->pieces[0]->stages->form;
        $half = (new ResizeTo('body', $size->width / 2, null))->apply($plan);
        self::assertSame([], Analysis::of($half)->problems);
        $counts = array_map(static fn (Round $round): int => $round->makes, Analysis::of($half)->pieces[0]->stages->reading->rounds);
        self::assertSame(
            \array_slice($grows, 0, 3),
            array_values(array_unique($counts)),
            'No round but those of the ball: half of '.max($grows).' is nearest to '.$grows[2].'.',
        );
    }

    /** Eyes are carried to their share of the height, but no deeper than a hand still gets in. */
    #[TestWith([-4])]
    #[TestWith([2])]
    #[TestWith([4])]
    public function testEyesStayWithinReach(int $wider): void
    {
        $ball = Plans::ball(7);
        $plan = Plans::of($ball, [], ['placements' => [['kind' => 'eyes', 'anchor' => 'round', 'number' => \count($ball) - 5, 'apart' => 4]]]);
        $resized = Analysis::of((new Resize('body', $wider, 0))->apply($plan));
        self::assertSame([], $resized->problems);
        $placed = $resized->pieces[0]->placing->placed;
        self::assertCount(1, array_filter($placed, static fn (Placed $one): bool => !$one->isOutOfReach()));
        $counts = array_map(static fn (Round $round): int => $round->makes, $resized->pieces[0]->stages->reading->rounds);
        self::assertTrue((new Openings($counts, $plan->gauge->stitchWidthMm()))->reaches($placed[0]->round));
    }
}
