<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Place;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\HelixCosts;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Place\Change;
use Alternum\Core\Plan\Layer\Helix;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\WrittenSteps;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** How several yarns in one spiral begin and end: on a slip stitch, which the round's own words say. Common practice, no source. */
final class HelixEndsTest extends TestCase
{
    /** @param list<string> $lines */
    private static function plan(array $lines, int $from, int $to): Plan
    {
        return Plans::of($lines, [['kind' => 'helix', 'from' => $from, 'to' => $to, 'yarns' => ['A', 'B']]]);
    }

    #[TestWith(['R2-8: sc around', 2, 7, 2, 'R2: 6 sc; with B Brick: sl st, 5 sc (12)'])]
    #[TestWith(['R2-8: sc around', 2, 7, 7, 'R7: 5 sc, sl st; with A Chalk: 6 sc (12)'])]
    // On an increase it is worked together with a single crochet; for a decrease it cannot stand.
    #[TestWith(['inc x12, sc around', 2, 3, 2, 'R2: inc x6; with B Brick: sl st, sc in same st, inc x5 (24)'])]
    #[TestWith(['dec x6, sc around', 2, 3, 2, 'R2: dec x3; with B Brick: dec x3 (6)'])]
    public function testTheRoundsWordsSayTheSlipStitch(string $second, int $from, int $to, int $round, string $text): void
    {
        $even = implode(', ', array_fill(0, 7, 'sc around'));
        $plan = self::plan(['12 sc in MR', ...explode(', ', str_replace('R2-8: sc around', $even, $second))], $from, $to);
        self::assertSame($text, WrittenSteps::rounds($plan)[$round - 1]['text']);
        // It keeps its count.
        $makes = Analysis::of($plan)->pieces[0]->stages->reading->rounds[$round - 1]->makes;
        $written = (string) preg_replace('/^R\d+: |; with [AB] \w+:|; change.*?(?= \()/', ',', $text);
        $read = Reader::read(['12 sc in MR', ...array_fill(0, $round - 2, 'sc around'), ltrim($written, ',')], Terms::Us);
        self::assertSame($makes, $read->rounds[$round - 1]->makes);
    }

    public function testWordsNameNoSlipStitchWhereNoneIs(): void
    {
        $told = WrittenSteps::told(self::plan(['12 sc in MR', 'dec x6', 'sc around', 'sc around'], 2, 3), 'change');
        self::assertStringContainsString('Begin B in the next stitch.', $told[2][0]);
        $told = WrittenSteps::told(self::plan(['12 sc in MR', 'inc x12', 'sc around', 'sc around'], 2, 3), 'change');
        self::assertStringContainsString('Begin B in the next stitch, with a sl st in place of the first stitch', $told[2][0]);
    }

    /** By hand: rounds 2 to 7 end in B, in A, in B, in A, in B, in A; the round after them is all of A. */
    public function testOffersTheLastRoundFromWhichTheYarnGoesStraightOn(): void
    {
        $plan = Plans::of(['12 sc in MR', 'R2-10: sc around']);
        $straight = static fn (int $to): ?int => HelixCosts::of($plan, $plan->pieces[0], new Helix(2, $to, ['A', 'B']))->straight;
        self::assertSame([null, 5, null, 7], [$straight(5), $straight(6), $straight(7), $straight(8)]);
        self::assertNull(HelixCosts::of($plan, $plan->pieces[0], new Helix(2, 10, ['A', 'B']))->straight, 'Nothing comes after it.');
        // The same where it lies already; and where another yarn comes after it, there is no such round.
        $lies = self::plan(['12 sc in MR', ...array_fill(0, 9, 'sc around')], 2, 8);
        self::assertSame(7, HelixCosts::of($lies, $lies->pieces[0], new Helix(2, 8, ['A', 'B']))->straight);
        $yarns = array_map(
            static fn (string $key): array => ['key' => $key, 'name' => "Yarn {$key}", 'hex' => '#808080', 'weight' => 'dk', 'metresPer100g' => 250],
            ['A', 'B', 'C'],
        );
        $other = Plans::of(['12 sc in MR', 'R2-10: sc around'], [['kind' => 'fill', 'yarn' => 'A']], [], ['yarns' => $yarns]);
        self::assertNull(HelixCosts::of($other, $other->pieces[0], new Helix(2, 8, ['B', 'C']))->straight);
        // Ended there, nothing is carried.
        $changes = Analysis::of(self::plan(['12 sc in MR', ...array_fill(0, 9, 'sc around')], 2, 7))->pieces[0]->changes->all;
        self::assertSame([], array_filter($changes, static fn (Change $change): bool => [] !== $change->yarns->catches || 0 !== $change->yarns->across));
    }

    /** The loop of a yarn that ends there is open: it is fastened off, or its ball drawn through. */
    public function testTheLastLoopsAreSecured(): void
    {
        $told = WrittenSteps::told(self::plan(['12 sc in MR', ...array_fill(0, 7, 'sc around')], 2, 7), 'change');
        self::assertStringContainsString('Fasten off B, leaving 15 cm.', $told[7][0]);
        $told = WrittenSteps::told(self::plan(['12 sc in MR', ...array_fill(0, 7, 'sc around')], 2, 6), 'change');
        self::assertStringContainsString('Draw A’s ball through its loop, so that it holds. Pick up B where it waits.', $told[6][0]);
    }
}
