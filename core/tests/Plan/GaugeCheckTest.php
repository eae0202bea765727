<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Plan;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanAnswer;
use Alternum\Core\Plan\GaugeCheck;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * What cannot belong together. A DK label says 12 to 17 single crochet in 10 cm with a hook of 4.5 to 5.5 mm (the Craft Yarn Council's standard, from
 * memory), and toys are worked tighter: 20 to 24 with 2.5 to 3.5 mm (common practice, no source).
 */
final class GaugeCheckTest extends TestCase
{
    private static function plan(float $stitches, float $rounds, ?float $hook, string $weight = 'dk', int $metres = 250): Plan
    {
        $plan = Plans::values(['6 sc in MR'], [], [], ['gauge' => ['stitchesPer10cm' => $stitches, 'roundsPer10cm' => $rounds]
            + (null === $hook ? [] : ['hookMm' => $hook])]);
        $plan['yarns'] = [['key' => 'A', 'name' => 'Chalk', 'hex' => '#F2EDE4', 'weight' => $weight, 'metresPer100g' => $metres]];

        return \Alternum\Core\Exchange\PlanReader::values($plan);
    }

    /** @param list<string> $codes */
    // As toys are worked: nothing to tell.
    #[TestWith([22, 24, 3.0, []])]
    #[TestWith([20, 22, 2.5, []])]
    #[TestWith([16, 18, 5.0, []])]
    #[TestWith([22, 24, null, []])]
    // Twice the label's most, and less than two thirds of its least.
    #[TestWith([34, 36, null, []])]
    #[TestWith([34.5, 36, null, ['gauge.yarn']])]
    #[TestWith([8, 8, null, []])]
    #[TestWith([7.5, 8, null, ['gauge.yarn']])]
    // A small hook does not work loosely, nor a large one tightly.
    #[TestWith([11, 12, 3.0, ['gauge.hookSmall']])]
    #[TestWith([12, 12, 3.0, []])]
    #[TestWith([11, 12, 4.5, []])]
    #[TestWith([20, 22, 6.0, ['gauge.hookLarge']])]
    #[TestWith([17, 18, 6.0, []])]
    #[TestWith([20, 22, 5.5, []])]
    // Rounds counted over another length than stitches.
    #[TestWith([22, 40, 3.0, ['gauge.ratio']])]
    #[TestWith([22, 13, 3.0, ['gauge.ratio']])]
    #[TestWith([20, 36, 3.0, []])]
    #[TestWith([20, 12, 3.0, []])]
    public function testTellsWhatContradicts(float $stitches, float $rounds, ?float $hook, array $codes): void
    {
        $plan = self::plan($stitches, $rounds, $hook);
        $problems = GaugeCheck::problems($plan);
        self::assertSame($codes, array_map(static fn (Problem $problem): string => $problem->message->code, $problems));
        $told = self::ofGauge(...);
        self::assertEquals($problems, $told(Analysis::of($plan)->problems));
        self::assertEquals($problems, $told(PlanAnswer::of($plan, 'body')->problems));
    }

    /** What has no label in single crochet is held against nothing; strands count by what they are together. */
    public function testByTheYarnThatItIs(): void
    {
        self::assertSame([], GaugeCheck::problems(self::plan(60, 60, 1.0, 'lace', 900)));
        self::assertNotSame([], GaugeCheck::problems(self::plan(60, 60, 1.0, 'bulky', 90)));
    }

    /**
     * @param list<Problem> $problems
     *
     * @return list<Problem>
     */
    private static function ofGauge(array $problems): array
    {
        return array_values(array_filter($problems, static fn (Problem $problem): bool => 'gauge' === $problem->path));
    }
}
