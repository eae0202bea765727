<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Place;

use Alternum\Core\Analysis;
use Alternum\Core\Place\Tip;
use Alternum\Core\Place\TipKind;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\TipWords;
use PHPUnit\Framework\TestCase;

/** What experienced makers say of colours before a piece is worked: common practice, no source. */
final class TipsTest extends TestCase
{
    /**
     * @param list<array<mixed>> $colours
     * @param array<mixed>       $piece
     *
     * @return list<Tip> on a ball of 6, 12, 18, 24, six rounds of 30, 24 … 6
     */
    private static function tips(array $colours, array $piece = []): array
    {
        $plan = Plans::of(Plans::ball(5), [['kind' => 'fill', 'yarn' => 'A'], ...$colours], ['changes' => ['method' => 'plain']] + $piece);

        return Analysis::of($plan)->pieces[0]->tips($plan);
    }

    public function testAPictureOnShapingIsMovedToStraightRounds(): void
    {
        $rows = array_fill(0, 4, 'BBBBBBB');
        self::assertSame([], self::tips([['kind' => 'motif', 'rows' => $rows, 'round' => 7]]), 'Rounds 6 to 11 are straight.');
        $tips = self::tips([['kind' => 'motif', 'rows' => $rows, 'round' => 4, 'name' => 'Patch']]);
        self::assertSame([TipKind::ShapedPicture], array_column($tips, 'kind'));
        self::assertSame([4, 5], $tips[0]->rounds);
        self::assertSame([6, 9], [$tips[0]->better?->from, $tips[0]->better?->to]);
        self::assertStringContainsString('“Patch”', TipWords::of($tips[0]));
        $late = self::tips([['kind' => 'motif', 'rows' => $rows, 'round' => 10]]);
        self::assertSame([8, 11], [$late[0]->better?->from, $late[0]->better?->to], 'The last four straight rounds are nearer than the first four.');
        $high = self::tips([['kind' => 'motif', 'rows' => array_fill(0, 8, 'BBBBBBB'), 'round' => 4]]);
        self::assertNull($high[0]->better, 'No eight rounds are straight.');
    }

    public function testALineOneStitchWideIsEmbroidered(): void
    {
        $line = static fn (int $high, string $row): array => [['kind' => 'motif', 'rows' => array_fill(0, $high, $row), 'round' => 7]];
        self::assertSame([7, 8, 9], self::tips($line(3, 'B'))[0]->rounds);
        self::assertSame(TipKind::ThinLine, self::tips($line(3, 'B'))[0]->kind);
        self::assertSame([], self::tips($line(2, 'B')), 'Two above one another are a spot.');
        self::assertSame([], self::tips($line(3, 'BB')), 'Two wide are worked in.');
        self::assertSame([], self::tips([['kind' => 'spots', 'yarn' => 'B', 'from' => 6, 'to' => 11, 'count' => 5]]), 'Spots are meant to be single.');
    }

    public function testAFadeOfManyChangesIsEasierByStrands(): void
    {
        $spots = ['kind' => 'spots', 'yarn' => 'B', 'from' => 7, 'to' => 7, 'wide' => 2, 'count' => 6];
        self::assertSame([], self::tips([$spots]), 'Twelve changes are what six spots ask for.');
        $fade = self::tips([['kind' => 'blend', 'yarn' => 'B', 'from' => 6, 'to' => 11]]);
        self::assertSame([TipKind::BusyFade], array_column($fade, 'kind'));
        self::assertStringContainsString('two strands of the one, then one of each', TipWords::of($fade[0]));
    }

    public function testStripesEndOnAWholeOne(): void
    {
        self::assertSame([], self::tips([Plans::stripes(6, 11, [['B', 2], ['A', 1]])]));
        $cut = self::tips([Plans::stripes(6, 11, [['B', 2], ['A', 2], ['B', 3]])]);
        self::assertSame([TipKind::CutStripe], array_column($cut, 'kind'));
        self::assertSame([[10, 11], 'B', 3], [$cut[0]->rounds, $cut[0]->yarn, $cut[0]->figure]);
        self::assertStringContainsString('B has 2 rounds of 3', TipWords::of($cut[0]));
        self::assertSame([], self::tips([Plans::stripes(6, 99, [['B', 2], ['A', 2]])]), 'The piece ends after 15 rounds: five whole ones.');
    }

    public function testPairedLimbsTurnTheirJogsInwards(): void
    {
        $stripes = [Plans::stripes(6, 11, [['B', 3], ['A', 3]])];
        self::assertStringContainsString('on the inner side', TipWords::of(self::tips($stripes, ['copies' => 2])[0]));
        self::assertSame([], self::tips([], ['copies' => 2]), 'Without a jog there is nothing to turn.');
    }
}
