<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\CrispLine;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The first round of a colour in back loops only meets the old one in a crisp line: common practice, no source. */
final class CrispLineTest extends TestCase
{
    private const ROUNDS = ['R1: 6 sc in MR (6)', 'R2: inc x6 (12)', 'R3: (sc, inc) x6 (18)', 'R4-7: sc around (18), stuff a little'];

    public function testALineOfSeveralRoundsIsParted(): void
    {
        $plan = (new CrispLine('body', 5))->apply(Plans::of(self::ROUNDS));
        self::assertSame(
            [...\array_slice(self::ROUNDS, 0, 3), 'R4: sc around (18)', 'R5: sc around in BLO (18)', 'R6-7: sc around (18), stuff a little'],
            $plan->pieces[0]->rounds,
        );
        self::assertSame(Analysis::of(Plans::of(self::ROUNDS))->pieces[0]->stages->frame->counts, Analysis::of($plan)->pieces[0]->stages->frame->counts);
    }

    public function testShapingStays(): void
    {
        self::assertSame('R3: (sc, inc) x6 in BLO (18)', self::crisp(Plans::of(self::ROUNDS), 3)->pieces[0]->rounds[2]);
    }

    /** @return iterable<string, array{int}> */
    public static function refused(): iterable
    {
        yield 'the ring' => [1];
        yield 'no such round' => [9];
        yield 'in one loop already' => [4];
    }

    #[DataProvider('refused')]
    public function testRefusesWithAReason(int $round): void
    {
        $this->expectException(EditRefused::class);
        self::crisp(Plans::of([...\array_slice(self::ROUNDS, 0, 3), 'R4: sc around in FLO (18)']), $round);
    }

    private static function crisp(Plan $plan, int $round): Plan
    {
        return (new CrispLine('body', $round))->apply($plan);
    }
}
