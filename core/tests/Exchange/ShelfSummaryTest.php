<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\ShelfSummary;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

final class ShelfSummaryTest extends TestCase
{
    public function testSaysWhatIsInAPlan(): void
    {
        $summary = ShelfSummary::values(Analysis::of(Plans::of(['6 sc in MR', 'inc x6'], [Plans::stripes(2, 2, [['B', 1]])], ['copies' => 2])));
        self::assertSame(
            [1, 2, 36, 0, ['#F2EDE4', '#A04030']],
            [$summary['pieces'], $summary['rounds'], $summary['stitches'], $summary['problems'], $summary['yarns']],
        );
        self::assertSame([
            ['makes' => 6, 'runs' => [['hex' => '#F2EDE4', 'stitches' => 6]]],
            ['makes' => 12, 'runs' => [['hex' => '#A04030', 'stitches' => 12]]],
        ], $summary['picture']);
    }

    public function testAHugePieceIsShownByFortyOfItsRounds(): void
    {
        $summary = ShelfSummary::values(Analysis::of(Plans::of(['6 sc in MR', 'R2-400: sc around'], [Plans::stripes(201, 400, [['B', 200]])])));
        self::assertIsArray($summary['picture']);
        self::assertCount(40, $summary['picture']);
        self::assertSame(20, substr_count((string) json_encode($summary['picture']), '#A04030'));
    }

    public function testAPlanWithoutPieces(): void
    {
        $summary = ShelfSummary::values(Analysis::of(Plans::of([], plan: ['pieces' => []])));
        self::assertSame([0, 0, []], [$summary['pieces'], $summary['rounds'], $summary['picture']]);
    }

    /** The international yard is 0.9144 m exactly. */
    public function testThePatternsUnits(): void
    {
        $metric = WrittenPattern::text(Analysis::of(Plans::of(['100 sc in MR', 'R2-50: sc around'])), Terms::Us);
        $yards = WrittenPattern::text(Analysis::of(Plans::of(['100 sc in MR', 'R2-50: sc around'], plan: ['units' => 'imperial'])), Terms::Us);
        self::assertSame(1, preg_match('/Yarn: A Chalk, DK \(250 m\/100 g\): up to ([\d.,]+) m, [\d.,]+ g/', $metric, $m));
        self::assertSame(1, preg_match('/Yarn: A Chalk, DK \(273 yd\/100 g\): up to ([\d.,]+) yd/', $yards, $y));
        // Each is rounded up to a whole one.
        self::assertEqualsWithDelta((float) str_replace(',', '', $m[1]) / 0.9144, (float) str_replace(',', '', $y[1]), 1.1);
        self::assertStringContainsString('Hook: 3 mm', $metric);
        self::assertStringContainsString('BODY (make 1)', $metric);
    }

    /** The otter's body is its largest piece, begun at its foot: the head comes first, and the jersey's stripes below it. */
    public function testThePictureIsOfTheLargestPieceRightWayUp(): void
    {
        $plan = PlanReader::json((string) file_get_contents(\dirname(__DIR__, 3).'/demo/otter-in-a-striped-jersey.json'));
        $picture = ShelfSummary::values(Analysis::of($plan))['picture'];
        self::assertIsArray($picture);
        self::assertCount(31, $picture);
        $bands = (string) json_encode($picture);
        self::assertLessThan(strpos($bands, '#EFE6D3'), strpos($bands, '#8A6243'), 'Peat before cream.');
        self::assertStringStartsWith('[{"makes":6,', $bands);
    }
}
