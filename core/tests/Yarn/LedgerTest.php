<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Yarn;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\RandomPlans;
use Alternum\Core\Yarn\Ends;
use Alternum\Core\Yarn\Joins;
use Alternum\Core\Yarn\Ledger;
use Alternum\Core\Yarn\LedgerEntry;
use Alternum\Core\Yarn\PieceLengths;
use Alternum\Core\Yarn\YarnPurpose;
use PHPUnit\Framework\TestCase;

final class LedgerTest extends TestCase
{
    private static function of(Plan $plan, PieceAnalysis $piece): Ledger
    {
        self::assertInstanceOf(Ends::class, $piece->ends);

        return Ledger::of(
            $piece->stages->fabric,
            $piece->stages->frame,
            $piece->stages->colouring,
            $piece->changes,
            $plan->gauge,
            Joins::of($piece->piece, $piece->stages->reading),
            $piece->ends,
            $plan->yarnUse,
        );
    }

    /**
     * Three rounds of twelve in a spiral, B in round 2 alone: A is carried up behind it, B joined and cut. Tails are 15 cm, and the last one of
     * a piece that is alone stays 15 cm; the ring takes no chain, and without a lean what is carried goes straight up. Worked out by hand.
     */
    public function testALedgerIsInWorkingOrder(): void
    {
        $plan = Plans::of(['12 sc in MR', 'R2-3: sc around'], [
            Plans::stripes(2, 2, [['B', 1]]),
        ], ['changes' => ['method' => 'plain'], 'finish' => ['end' => 'open'], 'lean' => 0]);
        $entries = self::of($plan, Analysis::of($plan)->pieces[0])->entries;
        $said = array_map(
            static fn (LedgerEntry $entry): string => "{$entry->round}:{$entry->from}-{$entry->to} {$entry->purpose->value} {$entry->yarn} "
                .round($entry->worth, 3).'/'.round($entry->mm, 1),
            array_values(array_filter($entries, static fn (LedgerEntry $entry): bool => $entry->mm(1.0) > 0.0)),
        );
        $carried = 10 * 10 / 24;
        self::assertSame([
            '1:0-0 tails A 0/150', '1:1-12 stitches A 12/0', "1:12-12 carries A 0/{$this->rounded($carried)}", '1:12-12 tails B 0/150',
            '2:1-12 stitches B 12/0', '2:12-12 tails B 0/150', '3:1-12 stitches A 12/0', '3:12-12 tails A 0/150',
        ], $said);
    }

    /** A starting tail that is crocheted over, or kept outside, is no end that is left to hide. */
    public function testTheStartingTailIsAnEndUnlessItIsHiddenByThen(): void
    {
        $ends = static fn (string $start): int => Analysis::of(Plans::of(Plans::ball(4), [], ['finish' => ['start' => $start]]))->lengths[0]->ends();
        self::assertSame(2, $ends('weave'));
        self::assertSame([2, 1, 1, 1], array_map($ends, ['sew', 'over', 'keep', 'inside']));
    }

    private function rounded(float $mm): string
    {
        return (string) round($mm, 1);
    }

    /** From one seed: every stitch is entered once, none out of order, and what is summed is what is entered. */
    public function testEveryStitchIsEnteredOnceAndInOrder(): void
    {
        mt_srand(31);
        foreach (RandomPlans::some(60) as $plan) {
            $analysis = Analysis::of($plan);
            $piece = $analysis->pieces[0];
            $ledger = self::of($plan, $piece);
            $worked = '';
            $round = 0;
            foreach ($ledger->entries as $entry) {
                self::assertGreaterThanOrEqual($round, $entry->round);
                $round = $entry->round;
                $worked .= str_repeat($entry->yarn, $entry->stitches);
                self::assertTrue(0 === $entry->stitches || $entry->to - $entry->from + 1 === $entry->stitches);
            }
            self::assertSame(implode('', $piece->stages->colouring->rounds), $worked);
            self::assertEquals($analysis->lengths[0], PieceLengths::of($ledger));
            $ends = array_sum(array_map(static fn (LedgerEntry $entry): float => $entry->ends, $ledger->entries));
            $sewn = array_filter($ledger->entries, static fn (LedgerEntry $entry): bool => YarnPurpose::Sewing === $entry->purpose);
            self::assertSame($analysis->lengths[0]->ends(), (int) round($ends) + \count($sewn));
        }
    }

    /**
     * Two copies of a piece, the second in other yarns, one of them in two strands: each length is told where it goes, and all of them together
     * are the amounts, but for the spare. What it may be off is a fifth of a guess, and 6 % of what was measured.
     */
    public function testAPlansLengthsAreItsAmounts(): void
    {
        $values = Plans::values(['12 sc in MR', 'R2-5: sc around'], [Plans::stripes(2, 5, [['B', 1], ['A', 1]])]);
        self::assertIsArray($values['yarns']);
        self::assertIsArray($values['pieces']);
        self::assertIsArray($values['pieces'][0]);
        [$one, $other] = $values['yarns'];
        self::assertIsArray($one);
        $values['yarns'] = [
            ['yarnUse' => ['basis' => 'unravelled', 'unravelled' => ['stitches' => 20, 'cm' => 80]]] + $one,
            $other,
            ['key' => 'C', 'strands' => 2] + $one,
        ];
        $values['pieces'][0]['copies'] = [['name' => 'left', 'yarns' => []], ['name' => 'right', 'yarns' => ['A' => 'C']]];
        $analysis = Analysis::of(PlanReader::values($values));
        $sums = $spreads = $copies = [];
        foreach ($analysis->ledger()->lengths() as $length) {
            $sums[$length->yarn][$length->purpose->value] = ($sums[$length->yarn][$length->purpose->value] ?? 0.0) + $length->mean / 1000.0;
            $spreads[$length->yarn] = ($spreads[$length->yarn] ?? 0.0) + $length->spread / 1000.0;
            $copies[$length->copy][$length->yarn] = true;
        }
        self::assertSame([1 => ['A', 'B'], 2 => ['C', 'B']], array_map(array_keys(...), $copies));
        foreach ($analysis->amounts->amounts as $amount) {
            foreach (array_diff_key($amount->parts, ['spare' => 0]) as $part => $metres) {
                self::assertEqualsWithDelta($metres, $sums[$amount->yarn->key][$part] ?? 0.0, 1e-9, "{$amount->yarn->key} {$part}");
            }
            $share = 'A' === $amount->yarn->key ? 0.06 : 0.2;
            self::assertEqualsWithDelta($share * array_sum($sums[$amount->yarn->key]), $spreads[$amount->yarn->key], 1e-9);
        }
        // 12 of its 60 stitches in A are 12 × 4 cm.
        $first = [...$analysis->ledger()->lengths()][2];
        self::assertSame(['body', 1, 1, 1, 12, YarnPurpose::Stitches, 'A'], [
            $first->piece, $first->copy, $first->round, $first->from, $first->to, $first->purpose, $first->yarn,
        ]);
        self::assertEqualsWithDelta(480.0, $first->mean, 1e-9);
        self::assertEqualsWithDelta(28.8, $first->spread, 1e-9);
    }

    /** Where yarns begin and end in one spiral, a slip stitch takes less than the single crochet that it stands for: 0.55 of it, common practice. */
    public function testTheSlipStitchesOfASpiralTakeLess(): void
    {
        $plan = Plans::of(['12 sc in MR', 'R2-8: sc around'], [['kind' => 'helix', 'from' => 2, 'to' => 7, 'yarns' => ['A', 'B']]]);
        $less = array_filter(
            self::of($plan, Analysis::of($plan)->pieces[0])->entries,
            static fn (LedgerEntry $entry): bool => $entry->isChange && YarnPurpose::Stitches === $entry->purpose && 0.0 !== $entry->worth,
        );
        self::assertSame(
            ['2:7 B -0.45', '7:6 B -0.45'],
            array_values(array_map(static fn (LedgerEntry $entry): string => "{$entry->round}:{$entry->from} {$entry->yarn} ".round($entry->worth, 3), $less)),
        );
    }
}
