<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\TakeColours;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TakeColoursTest extends TestCase
{
    /** @return list<string> the yarn of every stitch, a text for each round */
    private static function rounds(Plan $plan): array
    {
        $analysis = Analysis::of($plan);
        self::assertSame([], $analysis->problems);

        return $analysis->pieces[0]->colouring->rounds;
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
    public function testTakesWhatTheWordsName(array $lines, array $rounds): void
    {
        self::assertSame($rounds, self::rounds((new TakeColours('body'))->apply(Plans::of($lines))));
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
            $pasted = (new TakeColours('body'))->apply(Plans::of($written, plan: ['terms' => $terms->value]));
            self::assertSame(self::rounds($plan), self::rounds($pasted));
        }
    }

    public function testAYarnThatIsNotThere(): void
    {
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage('Round 2 names yarn Q');
        (new TakeColours('body'))->apply(Plans::of(['6 sc in MR', 'with Q: sc around']));
    }
}
