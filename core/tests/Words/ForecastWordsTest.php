<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Words;

use Alternum\Core\Making\Forecast\YarnForecast;
use Alternum\Core\Words\DifferenceWords;
use Alternum\Core\Words\ForecastWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a maker is told of how a toy goes on: of the balls that were weighed, and of a plan that was changed meanwhile. */
final class ForecastWordsTest extends TestCase
{
    /** Where nothing was weighed, nothing is said; up to two in a hundred is as planned. */
    #[TestWith([1.0, ''])]
    #[TestWith([1.02, 'By weight you take as much as planned.'])]
    #[TestWith([0.98, 'By weight you take as much as planned.'])]
    #[TestWith([1.03, 'By weight you take 3 % more than planned.'])]
    #[TestWith([0.97, 'By weight you take 3 % less than planned.'])]
    public function testAMakersOwnHandIsSaid(float $times, string $says): void
    {
        self::assertSame($says, ForecastWords::hand(new YarnForecast('A', 20.0, 10.0, $times, 5, 5)));
    }

    /** Just as much as is left is enough. */
    public function testAWayOutIsSaidWhereItIsNotEnough(): void
    {
        self::assertSame([], ForecastWords::waysOut(new YarnForecast('A', 10.0, 10.0, 1.0, 5, 5)));
        self::assertCount(3, ForecastWords::waysOut(new YarnForecast('A', 10.0, 10.1, 1.0, 4, 5)));
    }

    /**
     * @param list<int> $rounds
     */
    #[TestWith([[4], 'round 4'])]
    #[TestWith([[4, 6], 'rounds 4 and 6'])]
    #[TestWith([[3, 4, 5, 8], 'rounds 3 to 5 and 8'])]
    #[TestWith([[2, 4, 5, 7, 8, 9], 'rounds 2, 4 to 5 and 7 to 9'])]
    public function testRoundsInARowAreSaidAsOne(array $rounds, string $says): void
    {
        self::assertSame("Body: other stitches or yarns in {$says}.", DifferenceWords::rounds('Body', 'round', $rounds));
        self::assertSame("Body: other steps around {$says}.", DifferenceWords::steps('Body', 'round', $rounds));
    }
}
