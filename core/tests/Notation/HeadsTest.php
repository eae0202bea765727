<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\CrispLine;
use Alternum\Core\Edit\Paste;
use Alternum\Core\Edit\Renumber;
use Alternum\Core\Edit\Usual;
use Alternum\Core\Notation\LineMeanings;
use Alternum\Core\Notation\Meaning;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Span;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a round is headed with, and several of them on one line. Common practice, no source; other languages' words from memory. */
final class HeadsTest extends TestCase
{
    private const STITCHES = ['6 sc in MR (6)', 'inc x6 (12)', '(sc, inc) x6 (18)', 'sc around (18)'];

    /** @param string $head with % where its number stands, @ where a roman one does */
    #[TestWith(['R%:'])]
    #[TestWith(['%. Rnd:'])]
    #[TestWith(['% Rnd:'])]
    #[TestWith(['% row:'])]
    #[TestWith(['%. Round -'])]
    #[TestWith(['The %. round:'])]
    #[TestWith(['%R:'])]
    #[TestWith(['%.R'])]
    #[TestWith(['Rnd (%):'])]
    #[TestWith(['R[%]:'])]
    #[TestWith(['R_%:'])]
    #[TestWith(['Rnd % of 4:'])]
    #[TestWith(['No. %:'])]
    #[TestWith(['Nr. %:'])]
    #[TestWith(['№ %:'])]
    #[TestWith(['#%'])]
    #[TestWith(['#%:'])]
    #[TestWith(['%º'])]
    #[TestWith(['%.)'])]
    #[TestWith(['Step %:'])]
    #[TestWith(['Lap %:'])]
    #[TestWith(['Level %:'])]
    #[TestWith(['Circle %:'])]
    #[TestWith(['[ ] R%:'])]
    #[TestWith(['- [x] R%:'])]
    #[TestWith(['☐ %.'])]
    #[TestWith(['Body R%:'])]
    #[TestWith(['Spiral round %:'])]
    #[TestWith(['Work round %:'])]
    #[TestWith(['In round %:'])]
    #[TestWith(['Tour %:'])]
    #[TestWith(['T%:'])]
    #[TestWith(['Rang %:'])]
    #[TestWith(['%. Runde:'])]
    #[TestWith(['%. Rd:'])]
    #[TestWith(['Reihe %:'])]
    #[TestWith(['Vuelta %:'])]
    #[TestWith(['V%:'])]
    #[TestWith(['%ª vuelta:'])]
    #[TestWith(['Giro %:'])]
    #[TestWith(['Toer %:'])]
    #[TestWith(['Varv %:'])]
    #[TestWith(['Omg %:'])]
    #[TestWith(['Rnd @:'])]
    #[TestWith(['@.'])]
    #[TestWith(['@)'])]
    public function testHeadsARound(string $head): void
    {
        $lines = [];
        foreach (self::STITCHES as $i => $stitches) {
            $lines[] = str_replace(['%', '@'], [(string) ($i + 1), ['I', 'II', 'III', 'IV'][$i]], $head).' '.$stitches;
        }
        self::assertSame([6, 12, 18, 18], self::makes($lines));
    }

    #[TestWith(['Round %'])]
    #[TestWith(['R%:'])]
    #[TestWith(['**Rnd %**'])]
    public function testMayStandAboveItsStitches(string $head): void
    {
        $lines = [];
        foreach (self::STITCHES as $i => $stitches) {
            array_push($lines, str_replace('%', (string) ($i + 1), $head), $stitches);
        }
        self::assertSame([6, 12, 18, 18], self::makes($lines));
    }

    public function testTheYarnMayStandBeforeIt(): void
    {
        $colouring = Analysis::of(Plans::of(['A R1: 6 sc in MR', 'B R2: inc x6', 'Yarn A R3: sc around']))->pieces[0]->stages->colouring;
        self::assertSame(['AAAAAA', 'BBBBBBBBBBBB', 'AAAAAAAAAAAA'], $colouring->rounds);
    }

    /** @param list<string> $lines */
    #[TestWith([['R1: 6 sc in MR (6). R2: inc x6 (12). R3: (sc, inc) x6 (18). R4: sc around (18)']])]
    #[TestWith([['R1: 6 sc in MR (6) R2: inc x6 (12)', 'R3: (sc, inc) x6 (18); R4: sc around']])]
    #[TestWith([['Rnd 1 - 6 sc in MR; Rnd 2 - inc x6; Rnd 3 - (sc, inc) x6', 'R4: sc around']])]
    #[TestWith([['1. 6 sc in MR (6) 2. inc x6 (12) 3. (sc, inc) x6 (18) 4. sc around']])]
    #[TestWith([['R1: 6 sc in MR, R2: inc x6, R3: (sc, inc) x6', 'R4: sc around']])]
    #[TestWith([['Runde 1: 6 sc in MR (6) Runde 2: inc x6 (12)', 'R3: (sc, inc) x6', 'R4: sc around']])]
    public function testALineMayHoldSeveralRounds(array $lines): void
    {
        self::assertSame([6, 12, 18, 18], self::makes($lines));
        $pasted = (new Paste('', implode("\n", $lines)))->apply(Usual::plan()->withPieces([]));
        self::assertCount(4, $pasted->pieces[0]->rounds);
    }

    /**
     * @param list<string> $lines
     * @param list<int>    $makes
     */
    #[TestWith([['R1: 6 sc in MR', 'R2: inc x6. Stuff before R3: it gets narrow'], [6, 12]])]
    #[TestWith([['R1: 6 sc in MR', 'R2: inc x6', 'R3: as R2 (24). R5: later'], [6, 12, 24]])]
    public function testARoundThatIsOnlySpokenOfIsNone(array $lines, array $makes): void
    {
        self::assertSame($makes, self::rounds($lines));
    }

    public function testAChangeAtARoundsEndWithinALineIsKept(): void
    {
        $colouring = Analysis::of(Plans::of(['R1: 6 sc in MR, change to B in last st. R2: inc x6', 'R3: sc around']))->pieces[0]->stages->colouring;
        self::assertSame(['AAAAAA', 'BBBBBBBBBBBB', 'BBBBBBBBBBBB'], $colouring->rounds);
    }

    /** What is wrong with the second round of a line is told, and mended, at its place. */
    public function testAMendIsMadeAtItsPlace(): void
    {
        $line = 'R1: 6 sc in MR (6). R2: inc x6 (13)';
        [$problem] = Problem::errors(Analysis::of(Plans::of([$line]))->problems);
        self::assertSame(32, $problem->column);
        self::assertSame('R1: 6 sc in MR (6). R2: inc x6 (12)', $problem->fixes[0]->on($line));
    }

    public function testEditsOfARoundPartItsLine(): void
    {
        $plan = Plans::of(['R1: 6 sc in MR. R2: inc x6', 'R4: sc around']);
        self::assertSame(
            ['R1: 6 sc in MR.', 'R2: inc x6 in BLO (12)', 'R4: sc around'],
            (new CrispLine($plan->pieces[0]->key, 2))->apply($plan)->pieces[0]->rounds,
        );
        self::assertSame(['R1: 6 sc in MR.', 'R2: inc x6', 'R3: sc around'], (new Renumber($plan->pieces[0]->key))->apply($plan)->pieces[0]->rounds);
    }

    public function testTheWholeLineIsExplained(): void
    {
        $plan = Plans::of(['R1: 6 sc in MR. R2: inc x6']);
        $spans = array_map(static fn (Meaning $meaning): Span => $meaning->span, LineMeanings::of($plan, $plan->pieces[0], 1));
        // Both heads, and up to the end.
        self::assertContainsEquals(new Span(0, 3), $spans);
        self::assertContainsEquals(new Span(16, 19), $spans);
        self::assertSame(26, max(array_map(static fn (Span $span): int => $span->end, $spans)));
    }

    /**
     * @param list<string> $lines
     *
     * @return list<int> what each round makes; nothing is told and nothing taken for a remark
     */
    private static function makes(array $lines): array
    {
        $reading = Reader::read($lines, Terms::Us);
        self::assertSame([], $reading->errors());
        self::assertSame([], $reading->said);
        foreach ($reading->rounds as $round) {
            self::assertSame([], $round->cues);
        }

        return self::rounds($lines);
    }

    /**
     * @param list<string> $lines
     *
     * @return list<int>
     */
    private static function rounds(array $lines): array
    {
        return array_map(static fn (Round $round): int => $round->makes, Reader::read($lines, Terms::Us)->rounds);
    }
}
