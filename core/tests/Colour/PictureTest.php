<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Colour;

use Alternum\Core\Colour\Picture;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\MeasureLean;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PictureTest extends TestCase
{
    private static function plan(float $stitches = 20, float $rounds = 20): Plan
    {
        return Plans::of(['6 sc in MR'], plan: ['gauge' => ['stitchesPer10cm' => $stitches, 'roundsPer10cm' => $rounds]]);
    }

    /** Each pixel becomes the yarn that looks nearest; by eye, a dark red is nearer to brick than to chalk. */
    public function testEachCellGetsTheNearestYarn(): void
    {
        self::assertSame(['AB', 'B.'], Picture::rows([['#FFFFFF', '#801010'], ['#A05040', null]], self::plan(), 2, self::plan()->gauge));
    }

    /** By hand: with 20 stitches and 25 rounds in 10 cm a square picture 8 stitches wide is 10 rounds high. */
    public function testStitchesAreNotSquare(): void
    {
        $pixels = array_fill(0, 40, array_fill(0, 40, '#FFFFFF'));
        $rows = Picture::rows($pixels, self::plan(20, 25), 8, self::plan(20, 25)->gauge);
        self::assertCount(10, $rows);
        self::assertSame('AAAAAAAA', $rows[0]);
        self::assertCount(8, Picture::rows($pixels, self::plan(), 8, self::plan()->gauge));
        self::assertCount(1, Picture::rows([['#FFFFFF']], self::plan(), 1, self::plan()->gauge));
    }

    public function testATableOfLetters(): void
    {
        self::assertSame(['A.B.', '.BA.', '...A'], Picture::table("A,,B\r\n;b;A\n,,,a\n", self::plan()));
        self::assertSame(['AB'], Picture::table("A\tB", self::plan()));
    }

    #[TestWith(["A,B\nA,Q", 'Row 2, column 2: “Q” is no yarn'])]
    #[TestWith([',,', 'no letter'])]
    #[TestWith(['', 'no letter'])]
    public function testSaysWhereATableIsWrong(string $csv, string $message): void
    {
        $problem = Picture::table($csv, self::plan());
        self::assertInstanceOf(Problem::class, $problem);
        self::assertStringContainsString($message, MessageWords::says($problem->message));
        self::assertInstanceOf(Problem::class, Picture::table(str_repeat("A\n", 101), self::plan()));
    }

    /** By hand: a marker that wandered 4 stitches over ten rounds leans 0.4 a round. */
    public function testTheLeanIsMeasured(): void
    {
        self::assertSame(0.4, (new MeasureLean('body', 10, 4.0))->apply(self::plan())->pieces[0]->lean);
        self::assertSame(-0.25, (new MeasureLean('', 8, -2.0))->apply(self::plan())->lean);
        $this->expectException(EditRefused::class);
        (new MeasureLean('body', 2, 9.0))->apply(self::plan());
    }
}
