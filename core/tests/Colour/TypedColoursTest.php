<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Colour;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Yarns that the words name colour what they name: a layer of its own, above the fill unless it is moved. */
final class TypedColoursTest extends TestCase
{
    /** @return list<string> the yarn of every stitch, a text for each round */
    private static function rounds(Plan $plan): array
    {
        $analysis = Analysis::of($plan);
        self::assertSame([], Problem::errors($analysis->problems));

        return $analysis->pieces[0]->stages->colouring->rounds;
    }

    /**
     * @param list<string> $lines
     * @param list<string> $rounds
     */
    #[TestWith([['6 sc in MR', 'with B: inc x6', 'sc around', 'with A: sc around'], ['AAAAAA', 'BBBBBBBBBBBB', 'BBBBBBBBBBBB', 'AAAAAAAAAAAA']])]
    #[TestWith([['with B, Brick: 6 sc in MR', '[A] 2 sc, (B) 2 sc, [A] sc, sc'], ['BBBBBB', 'AABBAA']])]
    #[TestWith([['6 sc in MR', '(with B: sc, with A: sc) x3'], ['AAAAAA', 'BABABA']])]
    #[TestWith([['6 sc in MR', '(sc, with B: sc) x3'], ['AAAAAA', 'ABBBBB']])]
    #[TestWith([['6 sc in MR', 'sc, with A then B: inc, sc; with A: 3 sc'], ['AAAAAA', 'AABBAAA']])]
    #[TestWith([['6 sc in MR', 'with B: sc around'], ['AAAAAA', 'BBBBBB']])]
    #[TestWith([['6 sc in MR', '2 sc, 2 sc in B, 2 sc', 'sc around'], ['AAAAAA', 'AABBAA', 'AAAAAA']])]
    #[TestWith([['6 sc in MR', '4 sc (B), 2 sc (A)', 'sc around, change to B in last st', 'sc around'], ['AAAAAA', 'BBBBAA', 'AAAAAA', 'BBBBBB']])]
    #[TestWith([['6 sc in MR', 'R2-3: sc around; change to B in last st, keep A', 'sc around'], ['AAAAAA', 'AAAAAA', 'AAAAAA', 'BBBBBB']])]
    #[TestWith([['6 sc in MR', 'R2-3: 3 sc, change to B, 3 sc; change to A'], ['AAAAAA', 'AAABBB', 'AAABBB']])]
    #[TestWith([['6 sc in MR', 'Change to B.', 'sc around', 'Cut B and join A.', 'sc around'], ['AAAAAA', 'BBBBBB', 'AAAAAA']])]
    public function testColoursWhatTheWordsName(array $lines, array $rounds): void
    {
        self::assertSame($rounds, self::rounds(Plans::of($lines)));
    }

    /** The words that a round's end says what becomes of the old yarn by, as they are usual. */
    #[TestWith(['change to B in last st, keep A', OldYarn::Carry])]
    #[TestWith(['change to B in last st; cut A', OldYarn::Cut])]
    #[TestWith(['join B in last sc. Leave A hanging.', OldYarn::Carry])]
    #[TestWith(['change to B at end of R2, cut A', OldYarn::Cut])]
    #[TestWith(['cut A, join B', OldYarn::Cut])]
    public function testSaysWhatBecomesOfTheOldYarn(string $words, OldYarn $expected): void
    {
        $piece = Analysis::of(Plans::of(['6 sc in MR', "sc around; {$words}", 'R3-6: sc around; change to A at the end of Rnd 6', 'sc around']))->pieces[0];
        self::assertSame(['AAAAAA', 'AAAAAA', 'BBBBBB', 'BBBBBB', 'BBBBBB', 'BBBBBB', 'AAAAAA'], $piece->stages->colouring->rounds);
        self::assertSame([$expected, []], [$piece->changes->all[0]->yarns->old, $piece->stages->reading->problems]);
    }

    /**
     * Words set a standing start, as a choice in the plan does; the maker’s choice goes before them.
     *
     * @param array<string, mixed> $changes
     */
    #[TestWith(['sc around; cut A, join B with a standing st', []])]
    #[TestWith(['sc around', ['at' => [['round' => 2, 'method' => 'early']]], 'join B with a standing sc: sc around'])]
    public function testWordsSetAStandingStart(string $second, array $changes, string $third = 'sc around'): void
    {
        $plan = Plans::of(['12 sc in MR', $second, $third, 'sc around'], [], ['changes' => $changes + ['method' => 'auto']]);
        $piece = Analysis::of($plan)->pieces[0];
        self::assertSame('BBBBBBBBBBBB', $piece->stages->colouring->rounds[2]);
        self::assertSame([] === $changes ? Method::StandingStart : Method::Early, $piece->changes->all[0]->treatment->method);
    }

    public function testLiesAboveTheFillUnlessItIsMoved(): void
    {
        $lines = ['6 sc in MR', 'with B: sc around', 'sc around'];
        $fill = ['kind' => 'fill', 'yarn' => 'A'];
        $stripe = Plans::stripes(3, 3, [['A', 1]]);
        self::assertSame(['AAAAAA', 'BBBBBB', 'AAAAAA'], self::rounds(Plans::of($lines, [$fill, $stripe])), 'What is laid by hand lies above the words.');
        self::assertSame(['AAAAAA', 'BBBBBB', 'BBBBBB'], self::rounds(Plans::of($lines, [$fill, $stripe, ['kind' => 'typed']])), 'Moved to the top.');
        self::assertSame(['AAAAAA', 'AAAAAA', 'AAAAAA'], self::rounds(Plans::of($lines, [$fill, ['kind' => 'typed', 'hidden' => true]])), 'Hidden.');
        self::assertSame(['AAAAAA', 'AAAAAA', 'AAAAAA'], self::rounds(Plans::of($lines, [['kind' => 'typed'], $fill])), 'Covered.');
        $plan = Plans::of($lines, [$fill, ['kind' => 'typed', 'name' => 'As the words say']]);
        self::assertEquals($plan, PlanReader::json(PlanWriter::json($plan)));
    }

    /** A written pattern, pasted into an empty plan, brings its colours along. */
    public function testAWrittenPatternComesBackWithItsColours(): void
    {
        $plan = Plans::of(['R1: 6 sc in MR', 'R2: inc x6', 'R3: (sc, inc) x6', 'R4-7: sc around', 'R8: (sc, dec) x6'], [
            Plans::stripes(3, 8, [['B', 2], ['A', 1]]),
            ['kind' => 'run', 'round' => 3, 'from' => 3, 'to' => 8, 'yarn' => 'A'],
            ['kind' => 'run', 'round' => 5, 'from' => 17, 'to' => 2, 'yarn' => 'B'],
        ]);
        foreach (Terms::cases() as $terms) {
            $written = explode("\n", WrittenPattern::text(Analysis::of($plan), $terms));
            self::assertSame(self::rounds($plan), self::rounds(Plans::of($written, plan: ['terms' => $terms->value])));
        }
    }

    public function testAYarnThatIsNotThereIsToldAtItsPlace(): void
    {
        $problem = Analysis::of(Plans::of(['6 sc in MR', 'with Q: sc around']))->problems[0];
        self::assertSame(['It names yarn Q, which the plan does not have.', 2, 6], [MessageWords::says($problem->message), $problem->line, $problem->column]);
    }
}
