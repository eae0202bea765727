<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Fabric;

use Alternum\Core\Fabric\StandOut;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Plan\Terms;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Leaves and loops as they stand out of a round, worked out by hand. */
final class StandOutTest extends TestCase
{
    /** @param list<array{int, float, float}> $out after how many stitches, how far, how wide */
    #[TestWith(['(ch 5, sl st in 2nd ch from hook, sc in next ch, hdc in next ch, dc in next ch, sl st in next st) x6', [
        [0, 4.0, 2.0], [1, 4.0, 2.0], [2, 4.0, 2.0], [3, 4.0, 2.0], [4, 4.0, 2.0], [5, 4.0, 2.0],
    ]])]
    #[TestWith(['3 sc, ch 7, sl st in 2nd ch from hook and in each ch across, 3 sc', [[3, 6.0, 0.5]]])]
    #[TestWith(['2 sc, ch 6, sl st in same st, 4 sc', [[2, 3.0, 2.0]]])]
    #[TestWith(['sl st, ch 3, dc2tog in same st, ch 3, sl st in same st, 5 sc', [[1, 3.0, 2.0]]])]
    #[TestWith(['sc around', []])]
    #[TestWith(['(sc, ch 2, sc in same st) x6', []])]
    public function testWhatStandsOut(string $line, array $out): void
    {
        $round = Reader::read(['6 sc in MR', $line], Terms::Us)->rounds[1];
        self::assertSame($out, array_map(static fn (StandOut $one): array => [$one->after, $one->long, $one->wide], StandOut::all($round)));
    }
}
