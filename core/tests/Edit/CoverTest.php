<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\Cover;
use Alternum\Core\Edit\CoverFit;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** Covers for a piece: common practice, no source. */
final class CoverTest extends TestCase
{
    /** A cover that starts with 7 and follows the same (n sc, inc) rounds, the odd stitch plain, has one stitch more in every round. */
    public function testASnugOneIsAStitchLargerInEveryRound(): void
    {
        $plan = (new Cover('body', CoverFit::Snug))->apply(Plans::of(Plans::ball(5)));
        self::assertSame([
            'R1: 7 sc in MR (7)', 'R2: inc x6, sc (13)', 'R3: (sc, inc) x6, sc (19)', 'R4: (2 sc, inc) x6, sc (25)', 'R5: (3 sc, inc) x6, sc (31)',
            'R6-11: sc around (31)',
        ], $plan->pieces[1]->rounds);
        self::assertSame('Cover of Body', $plan->pieces[1]->name);
        self::assertSame([], Analysis::of($plan)->problems);
    }

    /** A fabric of DK is about 3.3 mm thick: 2π times that is 20.6 mm, 4.5 stitches of 100/22 mm. */
    public function testOneThatSlipsOffIsFourOrFiveLarger(): void
    {
        self::assertContains(CoverFit::SlipsOff->extra(), [4, 5]);
        $plan = (new Cover('body', CoverFit::SlipsOff))->apply(Plans::of(Plans::ball(5)));
        $counts = Analysis::of($plan)->pieces[1]->stages->frame->counts;
        self::assertSame([6, 12, 18, 24, 30], \array_slice($counts, 0, 5), 'It begins as the piece does: a ring of eleven would gape.');
        self::assertSame(array_fill(0, 6, 30 + CoverFit::SlipsOff->extra()), \array_slice($counts, 5), 'And goes on growing where the piece has stopped.');
        self::assertSame([], Analysis::of($plan)->problems);
    }

    public function testCoversAsFarAsSheSays(): void
    {
        $plan = (new Cover('body', CoverFit::Snug, 4))->apply(Plans::of(Plans::ball(5)));
        self::assertSame([7, 13, 19, 25], Analysis::of($plan)->pieces[1]->stages->frame->counts);
    }

    public function testAPieceThatCannotBeReadHasNone(): void
    {
        $this->expectException(EditRefused::class);
        (new Cover('body', CoverFit::Snug))->apply(Plans::of(['6 sc in MR', 'R2: 5 flub']));
    }
}
