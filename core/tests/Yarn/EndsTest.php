<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Yarn;

use Alternum\Core\Analysis;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Where yarn begins and ends, and where it goes on uncut from one piece into another. */
final class EndsTest extends TestCase
{
    /**
     * Tails of 10 cm in each yarn of a rim that is worked on a leg in A: it goes on uncut where the rim's first stitch is in the yarn of the
     * leg's last. By hand: the leg begins with a tail; uncut, the rim has none at its beginning and the leg none at its end.
     *
     * @param array{int, int}|null $leg a run of B on its last round
     * @param array{int, int}|null $rim a run of B on its first round
     */
    #[TestWith([null, null, 0.10, 0.0])]
    #[TestWith([null, [2, 12], 0.10, 0.20])]
    #[TestWith([null, [1, 1], 0.30, 0.20])]
    #[TestWith([[1, 11], null, 0.10, 0.20])]
    #[TestWith([[12, 12], null, 0.30, 0.20])]
    #[TestWith([[12, 12], [1, 1], 0.30, 0.20])]
    public function testYarnGoesOnUncutWhereItIsTheSame(?array $leg, ?array $rim, float $tailsOfA, float $tailsOfB): void
    {
        $piece = static fn (string $key, array $lines, ?array $run, int $round, array $more): array => $more + [
            'key' => $key, 'name' => $key, 'copies' => 1, 'worked' => 'spiral', 'rounds' => $lines, 'front' => ['degrees' => 180],
            'colours' => null === $run ? [] : [['kind' => 'run', 'round' => $round, 'from' => $run[0], 'to' => $run[1], 'yarn' => 'B']],
            'changes' => ['method' => 'plain'],
        ];
        $plan = Plans::of([], plan: ['yarnUse' => ['basis' => 'guess', 'sparePercent' => 0, 'tailCm' => 10, 'sewingTailCm' => 40], 'pieces' => [
            $piece('leg', ['6 sc in MR', 'inc x6', 'R3-4: sc around'], $leg, 4, []),
            $piece('rim', ['R1-3: sc around'], $rim, 1, ['start' => ['join' => 'opening', 'pieces' => ['leg']]]),
        ]]);
        $analysis = Analysis::of($plan);
        self::assertSame([], $analysis->problems);
        [$a, $b] = $analysis->amounts->amounts;
        self::assertEqualsWithDelta([$tailsOfA, $tailsOfB], [$a->parts['tails'], $b->parts['tails']], 1e-9);
    }
}
