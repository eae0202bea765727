<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Analysis;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\WrittenSteps;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** An opening that is laid flat and crocheted shut through both sides, and words that only lead on. Common practice, no source. */
final class FoldTest extends TestCase
{
    /** Each stitch takes one of either side: by hand, half of what is below; of an odd number one lies in the fold. */
    #[TestWith([12, 'sc through both layers', 'uuuuuu'])]
    #[TestWith([12, 'Fold flat and sc through both layers (6)', 'uuuuuu'])]
    #[TestWith([12, 'sl st through both sides', 'wwwwww'])]
    #[TestWith([7, 'sc through both layers', 'uuuk'])]
    #[TestWith([7, 'Fold flat and sc through both layers (3)', 'uuuk'])]
    #[TestWith([13, '6 sc through both sides', 'uuuuuuk'])]
    public function testClosesAllOfIt(int $below, string $line, string $codes): void
    {
        $analysis = Analysis::of(Plans::of(["{$below} sc in MR", 'R2-3: sc around', $line]));
        self::assertSame([], Problem::errors($analysis->problems));
        self::assertSame($codes, $analysis->pieces[0]->stages->reading->rounds[3]->codes);
        self::assertTrue($analysis->pieces[0]->stages->fabric->endsFlat());
    }

    /** The typed round and the chosen closing say the same of the stitch that has no partner. */
    public function testSaysWhichStitchStandsAlone(): void
    {
        $typed = array_column(WrittenSteps::all(Plans::of(['7 sc in MR', 'R2-3: sc around', 'sc through both layers (3)'])), 'text');
        $chosen = array_column(WrittenSteps::all(Plans::of(['7 sc in MR', 'R2-3: sc around'], piece: ['finish' => ['end' => 'flat']])), 'text');
        self::assertContains('Stitch 7 stands alone, at the fold', $typed);
        self::assertStringContainsString('stitch 7 stands alone, at the fold', implode("\n", $chosen));
    }

    #[TestWith([13, '5 sc through both sides', 'round.leftOver'])]
    #[TestWith([12, 'sc through both sides (5)', 'round.miscount'])]
    public function testTellsAWrongNumber(int $below, string $line, string $code): void
    {
        self::assertSame($code, Reader::read(["{$below} sc in MR", $line], Terms::Us)->problems[0]->message->code);
    }

    #[TestWith(['Continue to the head:'])]
    #[TestWith(['continue on to the neck'])]
    public function testWordsThatLeadOnWorkNothing(string $line): void
    {
        $read = Reader::read(['12 sc in MR', $line, 'R2: sc around'], Terms::Us);
        self::assertSame([[], [12, 12]], [$read->problems, array_column($read->rounds, 'makes')]);
    }

    public function testGoingOnToARoundIsWork(): void
    {
        self::assertCount(6, Reader::read(['12 sc in MR', 'sc around', 'continue to round 6'], Terms::Us)->rounds);
    }
}
