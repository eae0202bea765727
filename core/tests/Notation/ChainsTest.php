<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Analysis;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Round;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\WrittenSteps;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Chains that grow out of a round and come back to it: leaves, feelers, lashes, loops, a small wing. */
final class ChainsTest extends TestCase
{
    /**
     * Worked out by hand, with the trade's factors: a chain 0.5, sl st 0.55, sc 1, hdc 1.35, dc 1.7, two dc together 2.9.
     *
     * @return iterable<string, array{string, int, float}> the line on a ring of six, the stitches it leaves, its yarn in single crochets' worth
     */
    public static function lines(): iterable
    {
        yield 'leaves, taller towards the root' => [
            '(ch 5, sl st in 2nd ch from hook, sc in next ch, hdc in next ch, dc in next ch, sl st in next st) x6', 6, 6 * (2.5 + 0.55 + 1 + 1.35 + 1.7 + 0.55),
        ];
        yield 'lashes all around' => [
            '*ch 6, sl st in 2nd ch from hook and in each ch across, sl st in next st; rep from * around', 6, 6 * (3 + 5 * 0.55 + 0.55),
        ];
        yield 'one feeler' => ['3 sc, ch 8, sl st in 2nd ch from hook and each ch back to the round, 3 sc', 6, 6 + 4 + 7 * 0.55];
        yield 'feelers, back along the chain' => ['(sl st, ch 8, 7 sl st back along the chain) x6', 6, 6 * (0.55 + 4 + 7 * 0.55)];
        yield 'one, without a number' => ['3 sc, ch 6, sl st back down the chain, 3 sc', 6, 6 + 3 + 5 * 0.55];
        yield 'loops' => ['(sc, ch 5, sl st in same st) x6', 6, 6 * (1 + 2.5 + 0.55)];
        yield 'a fringe of loops' => ['(ch 5, sl st in next st) x6', 6, 6 * (2.5 + 0.55)];
        yield 'a small wing' => ['sl st, ch 3, dc2tog in same st, ch 3, sl st in same st, 5 sc', 6, 0.55 + 1.5 + 2.9 + 1.5 + 0.55 + 5];
        yield 'petals' => ['(sl st, ch 2, 2 dc in same st, ch 2, sl st in same st) x6', 6, 6 * (0.55 + 1 + 3.4 + 1 + 0.55)];
    }

    #[DataProvider('lines')]
    public function testTheRoundGoesOnAsIfTheyWereNotThere(string $line, int $makes, float $worth): void
    {
        $plan = Plans::of(['6 sc in MR', $line, 'sc around'], [], [], [
            'yarnUse' => ['basis' => 'unravelled', 'unravelled' => ['stitches' => 1, 'cm' => 1], 'sparePercent' => 0, 'tailCm' => 0, 'sewingTailCm' => 0],
        ]);
        $analysis = Analysis::of($plan);
        [, $round, $next] = $analysis->pieces[0]->stages->reading->rounds;
        self::assertSame([6, $makes, $makes], [$round->uses, $round->makes, $next->makes]);
        self::assertEqualsWithDelta((6 + $worth + $makes) / 100, $analysis->amounts->amounts[0]->metres(), 1e-9);
    }

    /** What is written for it is read back as the same, in both countries' words. */
    #[DataProvider('lines')]
    public function testIsWrittenAndReadBack(string $line): void
    {
        $codes = static fn (array $lines, Terms $terms): array => array_map(
            static fn (Round $round): string => $round->codes,
            Reader::read(array_values(array_filter($lines, is_string(...))), $terms)->rounds,
        );
        $plan = Plans::of(['6 sc in MR', $line]);
        foreach (Terms::cases() as $terms) {
            self::assertSame($codes(['6 sc in MR', $line], Terms::Us), $codes(array_column(WrittenSteps::rounds($plan, $terms), 'text'), $terms));
        }
    }

    /** A chain that does not come back is worked into by the next round, as ever. */
    public function testAChainBetweenStitchesStaysInTheRound(): void
    {
        $reading = Reader::read(['6 sc in MR', '(sc, ch 2, sc in same st) x6', '(2 sc, ch 1) x2'], Terms::Us);
        self::assertSame(24, $reading->rounds[1]->makes);
        self::assertSame(24, Reader::read(['6 sc in MR', '(ch 3, sl st in next st) x6'], Terms::Us)->rounds[1]->makes, 'A space of three chains.');
    }
}
