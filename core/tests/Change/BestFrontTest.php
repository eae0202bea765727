<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Change;

use Alternum\Core\Analysis;
use Alternum\Core\Change\BestFront;
use Alternum\Core\Fabric\Turn;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class BestFrontTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    private static function front(array $changes, float $degrees = 40.0): BestFront
    {
        $plan = Plans::of(Plans::ball(5), [Plans::stripes(6, 9, [['B', 2]])], ['front' => ['degrees' => $degrees], 'changes' => $changes]);

        return Analysis::of($plan)->pieces[0]->bestFront();
    }

    /**
     * What is placed from the front turns with it: no turning brings it out of sight, or into it.
     *
     * @param array<string, mixed> $changes
     */
    #[TestWith([['method' => 'standing-start']])]
    #[TestWith([['method' => 'plain', 'line' => ['fromFront' => 180]]])]
    public function testWhatFollowsTheFrontDoesNotSayWhereItIs(array $changes): void
    {
        $front = self::front($changes);
        self::assertNull($front->nearest);
        self::assertFalse($front->isBetter);
        self::assertSame(40.0, $front->degrees);
    }

    /** By hand, one jog at 100°: the best front is opposite, at 280°. From 275° it is 175° away, which nobody tells from 180°; from 260° it is 160°. */
    public function testATurnThatNobodyTellsIsNoBetterFront(): void
    {
        $said = static fn (BestFront $front): array => [$front->degrees, $front->nearest, $front->isBetter, $front->isBest];
        self::assertSame([280.0, 175.0, false, false], $said(BestFront::among([100 => 1.0], 275.0)));
        self::assertSame([280.0, 180.0, true, false], $said(BestFront::among([100 => 1.0], 260.0)));
        self::assertSame([280.0, 180.0, false, true], $said(BestFront::among([100 => 1.0], 280.0)));
    }

    /** One that lies at the marker is turned to the back: opposite it is the front. */
    public function testTheRestIsTurnedAwayFrom(): void
    {
        $changes = ['method' => 'plain', 'at' => [['round' => 9, 'method' => 'standing-start']]];
        $front = self::front($changes);
        self::assertNotNull($front->nearest);
        $jog = Analysis::of(Plans::of(Plans::ball(5), [Plans::stripes(6, 9, [['B', 2]])], ['changes' => ['method' => 'plain']]))->pieces[0]->changes->all[0];
        self::assertEqualsWithDelta(180.0, Turn::apart($jog->place->degrees, $front->degrees), 1.0);
        self::assertGreaterThanOrEqual(179.0, $front->nearest);
    }
}
