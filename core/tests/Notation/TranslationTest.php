<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\Swatch;
use Alternum\Core\Edit\TranslateTerms;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Translation;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TranslationTest extends TestCase
{
    /** UK double crochet is US single, half treble half double, treble double, double treble treble: common practice, no source. */
    #[TestWith(['R4: (2 sc, inc) x6 (24)', 'R4: (2 dc, inc) x6 (24)'])]
    #[TestWith(['Rnd 5: sc in each sc around (24 sc). Stuff.', 'Rnd 5: dc in each dc around (24 dc). Stuff.'])]
    #[TestWith(['R2: 2hdc, dc, tr, sc2tog, hdc3tog, hdc inc', 'R2: 2htr, tr, dtr, dec, htr3tog, htr inc'])]
    #[TestWith(['R3: with B, sc yarn: sc around; with A: dc', 'R3: with B, sc yarn: dc around; with A: tr'])]
    #[TestWith(['# sc is a remark', '# sc is a remark'])]
    #[TestWith(['Body (make two)', 'Body (make two)'])]
    #[TestWith(['R4: (2 sc, wobble', 'R4: (2 dc, wobble'])]
    #[TestWith(['R4: 🧶 Single Crochet around', 'R4: 🧶 dc around'])]
    #[TestWith(['', ''])]
    public function testChangesNamesOnly(string $us, string $uk): void
    {
        self::assertSame($uk, (new Translation(Terms::Us, Terms::Uk))->line($us));
    }

    /** There and back, the stitches are the same, over the whole corpus; and nothing but names has changed. */
    public function testIsLossless(): void
    {
        $there = new Translation(Terms::Us, Terms::Uk);
        $back = new Translation(Terms::Uk, Terms::Us);
        $lines = 0;
        foreach (explode("\n", (string) file_get_contents(__DIR__.'/corpus.txt')) as $entry) {
            if (1 !== preg_match('/^(\d+) \d+ us \| (.*)$/', $entry, $match) || '0' === $match[1]) {
                continue;
            }
            ++$lines;
            $codes = static fn (string $line, Terms $terms): string => Reader::read(
                [$match[1].(Terms::Us === $terms ? ' sc' : ' dc').' in MR', $line],
                $terms,
            )->rounds[1]->codes ?? '';
            $uk = $there->line($match[2]);
            self::assertSame($codes($match[2], Terms::Us), $codes($uk, Terms::Uk), $uk);
            self::assertSame($codes($match[2], Terms::Us), $codes($back->line($uk), Terms::Us), $uk);
        }
        self::assertGreaterThan(120, $lines);
    }

    public function testAWholePlan(): void
    {
        $plan = Plans::of(['R1: 6 sc in MR', '# eyes', 'R2: inc x6', 'R3-4: sc around']);
        $uk = (new TranslateTerms(Terms::Uk))->apply($plan);
        self::assertSame(['R1: 6 dc in MR', '# eyes', 'R2: inc x6', 'R3-4: dc around'], $uk->pieces[0]->rounds);
        self::assertEquals(Analysis::of($plan)->pieces[0]->stages->reading->rounds, Analysis::of($uk)->pieces[0]->stages->reading->rounds);
        self::assertSame($plan->pieces[0]->rounds, (new TranslateTerms(Terms::Us))->apply($uk)->pieces[0]->rounds);
    }

    /** Flat circles grow by 6 in single crochet and 12 in double: common practice, no source. */
    public function testSuspectsUkWords(): void
    {
        $circle = ['R1: 6 dc in MR', 'R2: inc x6', 'R3: (dc, inc) x6', 'R4: (2 dc, inc) x6', 'R5: dc around'];
        self::assertStringContainsString('are these UK terms?', MessageWords::says(Analysis::of(Plans::of($circle))->problems[0]->message));
        self::assertSame([], Analysis::of(Plans::of($circle, plan: ['terms' => 'uk']))->problems);
        self::assertSame([], Analysis::of(Plans::of(['12 dc in MR', 'dc inc around', '(dc, dc inc) x12', 'dc around']))->problems);
        self::assertSame([], Analysis::of(Plans::of(Plans::ball(5)))->problems);
    }

    /** By hand: 11 over 5 cm are 22 in 10 cm; 12 over 2 inches (50.8 mm) are 23.6. */
    public function testGaugeFromASwatch(): void
    {
        $gauge = (new Swatch(11, 50.0, 12, 50.8))->apply(Plans::of([]))->gauge;
        self::assertSame([22.0, 23.6, 3.0], [$gauge->stitchesPer10cm, $gauge->roundsPer10cm, $gauge->hookMm]);
        $this->expectException(EditRefused::class);
        (new Swatch(1, 500.0, 12, 50.0))->apply(Plans::of([]));
    }
}
