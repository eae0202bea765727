<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\Paste;
use Alternum\Core\Edit\Usual;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A skirt, a frill or a brim is begun in loops that another piece left free. Common practice, no source. */
final class PastedLoopsTest extends TestCase
{
    /**
     * Round 8 is worked in the back loops, so the loops that are free are those of the stitches of round 7; makers name either.
     */
    #[TestWith(["Join yarn in a front loop of R8 of the body.\nR1: 24 sc (24)"])]
    #[TestWith(['R1: join yarn to the front loops of round 7 of the body, sc around (24)'])]
    #[TestWith(["Worked into the free loops of rnd 8.\nR1: sc around (24)"])]
    public function testBeginsInTheFreeLoops(string $words): void
    {
        $plan = self::pasted(self::body()."\n\nSkirt\n{$words}\nR2: inc x24 (48)");
        $start = $plan->pieces[1]->start;
        self::assertSame([Join::Loops, ['body'], 7], [$start?->join, $start?->pieces, $start?->round]);
        self::assertSame([], Problem::errors(Analysis::of($plan)->problems));
        self::assertEquals($start, self::again($plan)->pieces[1]->start);
    }

    /** What has a ring of its own begins in it, whatever is said of loops beside it. */
    public function testARingIsARing(): void
    {
        $plan = self::pasted(self::body()."\n\nHat\nLater sewn to the front loops of round 8.\nR1: 6 sc in MR (6)\nR2: inc x6 (12)");
        self::assertNull($plan->pieces[1]->start);
        self::assertSame([], Problem::errors(Analysis::of($plan)->problems));
    }

    /**
     * As the written pattern says it, and pasted again.
     *
     * @param array<string, mixed> $start
     */
    #[TestWith([['join' => 'rim', 'pieces' => ['body']]])]
    #[TestWith([['join' => 'loops', 'pieces' => ['body'], 'round' => 7]])]
    #[TestWith([['join' => 'opening', 'pieces' => ['body']]])]
    #[TestWith([['join' => 'opening', 'pieces' => ['body'], 'gap' => true]])]
    #[TestWith([['join' => 'rim', 'pieces' => ['body'], 'gap' => true, 'take' => ['stitches' => 12]]])]
    #[TestWith([['join' => 'loops', 'pieces' => ['body'], 'round' => 7, 'take' => ['from' => 3, 'to' => 14]]])]
    #[TestWith([['join' => 'seam', 'pieces' => ['body', 'body'], 'across' => 4, 'counts' => true]])]
    #[TestWith([['join' => 'seam', 'pieces' => ['body', 'body'], 'across' => 4]])]
    #[TestWith([['join' => 'bridge', 'pieces' => ['body', 'body'], 'across' => 3]])]
    #[TestWith([['join' => 'layers', 'pieces' => ['body', 'body']]])]
    #[TestWith([['join' => 'edges', 'pieces' => ['body', 'body']]])]
    #[TestWith([['join' => 'edge', 'pieces' => ['body']]])]
    #[TestWith([['join' => 'spiral-loops', 'pieces' => ['body'], 'round' => 7, 'to' => 7]])]
    #[TestWith([['join' => 'side', 'pieces' => ['body'], 'round' => 3, 'to' => 6]])]
    #[TestWith([['join' => 'side', 'pieces' => ['body'], 'round' => 3, 'to' => 6, 'oneSide' => true]])]
    public function testIsPastedAgain(array $start): void
    {
        $piece = static fn (string $key, array $lines, array $more): array => [
            'key' => $key, 'name' => ucfirst($key), 'copies' => 1, 'worked' => 'spiral', 'rounds' => $lines,
            'front' => ['degrees' => 180], 'colours' => [], 'changes' => ['method' => 'auto'],
        ] + $more;
        $plan = Plans::of([], plan: ['pieces' => [
            ['copies' => 2] + $piece('body', \array_slice(explode("\n", self::body()), 1), []), $piece('hat', ['R1-2: sc around'], ['start' => $start]),
        ]]);
        self::assertEquals($plan->pieces[1]->start, self::again($plan)->pieces[1]->start);
        self::assertNotNull($plan->pieces[1]->start);
    }

    private static function body(): string
    {
        return "Body\nR1: 6 sc in MR (6)\nR2: inc x6 (12)\nR3: inc x12 (24)\nR4-7: sc around (24)\nR8: BLO sc around (24)\nR9-12: sc around (24)";
    }

    private static function pasted(string $text): Plan
    {
        return (new Paste('', $text, true))->apply(Usual::plan()->withPieces([]));
    }

    private static function again(Plan $plan): Plan
    {
        return self::pasted(WrittenPattern::text(Analysis::of($plan), Terms::Us));
    }
}
