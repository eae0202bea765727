<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Form;

use Alternum\Core\Form\Membrane;
use Alternum\Core\Form\MembraneSolver;
use Alternum\Core\Form\Skin;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The shape that stuffing gives, held against what is known of balloons, tubes and the trade's balls. */
final class MembraneTest extends TestCase
{
    /**
     * Two flat discs that are joined at their rims and blown up, of a skin that does not stretch and folds freely: the mylar balloon. Its width is 0.763
     * of the flat one's, its thickness 0.599 of that width. Source: W. H. Paulsen, What is the shape of a mylar balloon?, 1994, from memory.
     */
    public function testTwoDiscsBecomeTheMylarBalloon(): void
    {
        $rounds = 60;
        $hoops = [...array_map(static fn (int $i): float => 2 * \M_PI * $i, [...range(0, $rounds), ...range($rounds - 1, 0)])];
        $shape = (new MembraneSolver(new Skin($hoops, array_fill(0, 2 * $rounds, 1.0)), 0.0003))->shape(0.002);
        self::assertNotNull($shape);
        [$radii, $levels] = $shape;
        self::assertEqualsWithDelta(0.763, max($radii) / $rounds, 0.00763);
        self::assertEqualsWithDelta(0.599, (end($levels) - $levels[0]) / (2 * max($radii)), 0.00599);
    }

    /**
     * In the middle of a long tube the pull of a hoop is pressure times radius, that along it half as much, each as it is stretched: reckoned here by
     * going round until nothing changes. Source: the thin tube of any textbook of mechanics.
     */
    #[TestWith([0.02])]
    #[TestWith([0.04])]
    #[TestWith([0.08])]
    #[TestWith([0.2])]
    public function testATubeWidensAsItsStiffnessSays(float $pressure): void
    {
        $hoops = array_map(floatval(...), [0, 6, 12, 18, ...array_fill(0, 60, 24), 18, 12, 6, 0]);
        $shape = (new MembraneSolver(new Skin($hoops, array_fill(0, \count($hoops) - 1, 1.0))))->shape($pressure);
        self::assertNotNull($shape);
        $atRest = 24 / (2 * \M_PI);
        $around = $along = 0.0;
        for ($i = 0; $i < 200; ++$i) {
            $radius = $atRest * (1 + $around);
            $along = $pressure / $atRest * $radius ** 2 / (2 * $atRest);
            $around = $pressure / $atRest * $radius * (1 + $along);
        }
        $middle = intdiv(\count($hoops), 2);
        self::assertEqualsWithDelta($around, $shape[0][$middle] / $atRest - 1, 1e-3);
        self::assertEqualsWithDelta($along, $shape[1][$middle + 1] - $shape[1][$middle] - 1, 1e-3);
    }

    /**
     * A cone stays a cone: hardly pressed, its side is straight, and sin of half the angle at its tip is what it grows by a round over 2π; lightly
     * stuffed it widens by no more than its fabric gives. Source: the development of a cone, any textbook of geometry.
     */
    #[TestWith([2.0])]
    #[TestWith([3.0])]
    #[TestWith([5.0])]
    public function testAConeStaysACone(float $growth): void
    {
        $hoops = array_map(static fn (int $i): float => $growth * $i, range(0, 30));
        foreach ([[0.0005, 0.003], [0.02, 0.05]] as [$pressure, $within]) {
            $shape = (new MembraneSolver(new Skin($hoops, array_fill(0, 30, 1.0))))->shape($pressure);
            self::assertNotNull($shape);
            $sine = $growth / (2 * \M_PI);
            foreach ([5, 10, 15, 20, 25] as $i) {
                self::assertEqualsWithDelta(1.0, $shape[0][$i] / ($i * $sine), $within);
                self::assertEqualsWithDelta(1.0, ($shape[1][$i] - $shape[1][0]) / ($i * sqrt(1 - $sine ** 2)), $within);
            }
        }
    }

    /**
     * The trade's ball of square stitches comes out as high as wide, a firm one a little wider than its stitches lie: common practice, from memory.
     */
    #[TestWith([24])]
    #[TestWith([30])]
    #[TestWith([36])]
    #[TestWith([42])]
    #[TestWith([48])]
    public function testABallIsRound(int $around): void
    {
        $counts = self::ball(intdiv($around, 6));
        foreach ([[0.02, 1.0, 1.05], [0.04, 1.02, 1.08], [0.08, 1.05, 1.12]] as [$pressure, $least, $most]) {
            $shape = self::shut($counts, 1.0)->shape($pressure);
            self::assertNotNull($shape);
            $width = 2 * max($shape[0]);
            self::assertEqualsWithDelta(1.0, (end($shape[1]) - $shape[1][0]) / $width, 0.04);
            self::assertGreaterThan($least, $width * \M_PI / $around);
            self::assertLessThan($most, $width * \M_PI / $around);
        }
    }

    /** A round more or less fine is the same skin: of a ball, and of 200 pieces with necks and shoulders, as a plan reckons them. */
    public function testASplitRoundChangesNothing(): void
    {
        mt_srand(404);
        $tried = [self::ball(6), [6, 12, 18, 24, 24, 18, 12, 12, 18, 24, 24, 18, 12, 6]];
        while (\count($tried) < 200) {
            $counts = [6];
            for ($i = mt_rand(4, 30); $i > 0; --$i) {
                $counts[] = max(6, min(60, end($counts) + [0, 0, 6, -6][mt_rand(0, 3)]));
            }
            $tried[] = $counts;
        }
        foreach ($tried as $counts) {
            $skin = self::skin($counts, 1.0);
            $own = Membrane::of($skin, 1.0, 0.04);
            $split = (new MembraneSolver($skin->split(4)))->shape(0.04);
            self::assertNotNull($split);
            $last = $own->levels[\count($counts) + 1] ?? 0.0;
            self::assertNotEmpty($own->radii);
            $edges = array_filter($split[0], static fn (int $i): bool => 0 === $i % 4, \ARRAY_FILTER_USE_KEY);
            self::assertEqualsWithDelta(1.0, max([0.0, ...$edges]) / max($own->radii), 0.02, implode(' ', $counts));
            self::assertEqualsWithDelta(1.0, $last / end($split[1]), 0.02, implode(' ', $counts));
        }
    }

    /** Whatever is crocheted has a shape, 2,000 times: no outline turns back, higher stitches make a higher piece and wider ones a wider one. */
    public function testAnyPieceHasAShape(): void
    {
        mt_srand(2027);
        for ($tried = 0; $tried < 2000; ++$tried) {
            $counts = [mt_rand(4, 10)];
            for ($i = mt_rand(2, 30); $i > 0; --$i) {
                $counts[] = max(4, min(120, end($counts) + [0, 0, 0, 6, -6, 3, -3, 12, mt_rand(-8, 8)][mt_rand(0, 8)]));
            }
            $pressure = [0.02, 0.04, 0.08][mt_rand(0, 2)];
            $heights = $widths = [];
            $lesser = 0 === $tried % 4 ? [0.8, 1.0, 1.25] : [0.9, 1.1];
            foreach ($lesser as $factor) {
                $high = (new MembraneSolver(self::skin($counts, $factor)))->shape($pressure);
                self::assertNotNull($high, implode(' ', $counts));
                foreach ($high[1] as $i => $level) {
                    self::assertGreaterThan(($high[1][$i - 1] ?? 0.0) - 0.02, $level, implode(' ', $counts));
                }
                $heights[] = end($high[1]);
                $wide = self::shut($counts, 1.0 / $factor)->shape($pressure);
                $widths[] = $factor * max([0.0, ...$wide[0] ?? []]);
            }
            foreach ($heights as $i => $height) {
                self::assertGreaterThan($heights[$i - 1] ?? 0.0, $height, implode(' ', $counts));
            }
            // Where rounds grow by more than they are high, the fabric folds, and being wider brings no more.
            foreach ($widths as $i => $width) {
                self::assertGreaterThan(($widths[$i - 1] ?? 0.0) * (self::folds($counts) ? 0.98 : 1.0), $width, implode(' ', $counts));
            }
        }
    }

    /** @param non-empty-list<int> $counts */
    private static function folds(array $counts): bool
    {
        foreach ($counts as $i => $count) {
            if (abs($count - ($counts[$i - 1] ?? 0)) >= 2 * \M_PI * 0.8) {
                return true;
            }
        }

        return false;
    }

    /**
     * It is at rest where no other shape holds less energy: not the cones that it began from, nor one that lies a little beside it. The energy is summed
     * here anew: half the stiffness times the stretch squared of each hoop and strip, three hundredths of it where pressed, less what the pressure does.
     */
    public function testNoOtherShapeHoldsLessEnergy(): void
    {
        mt_srand(31);
        for ($tried = 0; $tried < 150; ++$tried) {
            $counts = [mt_rand(4, 10)];
            for ($i = mt_rand(2, 40); $i > 0; --$i) {
                $counts[] = max(4, min(90, end($counts) + [0, 0, 6, -6, 3][mt_rand(0, 4)]));
            }
            $hoops = [0.0, ...array_map(floatval(...), $counts), 0.0];
            $strips = [min(1.0, $counts[0] / 2 / \M_PI), ...array_fill(0, \count($counts) - 1, 1.0), min(1.0, end($counts) / 2 / \M_PI)];
            $pressure = [0.02, 0.04, 0.08][mt_rand(0, 2)];
            $shape = (new MembraneSolver(new Skin($hoops, $strips)))->shape($pressure);
            self::assertNotNull($shape);
            $presses = $pressure / (max($counts) / 2 / \M_PI);
            $least = self::energy($hoops, $strips, $shape[0], $shape[1], $presses);
            $radii = array_map(static fn (float $hoop): float => $hoop / 2 / \M_PI, $hoops);
            $levels = [0.0];
            foreach ($strips as $i => $length) {
                $levels[] = $levels[$i] + sqrt(max(0.0, $length ** 2 - ($radii[$i + 1] - $radii[$i]) ** 2));
            }
            self::assertLessThanOrEqual(self::energy($hoops, $strips, $radii, $levels, $presses), $least, implode(' ', $counts));
            for ($beside = 0; $beside < 20; ++$beside) {
                $off = static fn (float $value): float => 0.0 === $value ? 0.0 : $value + 0.02 * mt_rand(-100, 100) / 100;
                $other = self::energy($hoops, $strips, array_map($off, $shape[0]), array_map($off, $shape[1]), $presses);
                self::assertLessThan($other, $least, implode(' ', $counts));
            }
        }
    }

    /**
     * @param list<float> $hoops
     * @param list<float> $strips
     * @param list<float> $radii
     * @param list<float> $levels
     */
    private static function energy(array $hoops, array $strips, array $radii, array $levels, float $presses): float
    {
        $of = static fn (float $stretch): float => ($stretch > 0.0 ? 0.5 : 0.015) * $stretch ** 2;
        $energy = $volume = 0.0;
        foreach ($hoops as $i => $hoop) {
            $skin = $hoop * (($strips[$i - 1] ?? 0.0) + ($strips[$i] ?? 0.0)) / 2;
            $energy += 0.0 === $hoop ? 0.0 : $skin * $of(2 * \M_PI * $radii[$i] / $hoop - 1);
        }
        foreach ($strips as $i => $length) {
            $rise = $levels[$i + 1] - $levels[$i];
            $energy += $length * ($hoops[$i] + $hoops[$i + 1]) / 2 * $of(hypot($rise, $radii[$i + 1] - $radii[$i]) / $length - 1);
            $volume += \M_PI / 3 * $rise * ($radii[$i] ** 2 + $radii[$i] * $radii[$i + 1] + $radii[$i + 1] ** 2);
        }

        return $energy - $presses * $volume;
    }

    /** @return non-empty-list<int> k rounds that grow, k + 1 even, k − 1 that shrink: common practice, no source */
    private static function ball(int $k): array
    {
        $grow = array_map(static fn (int $i): int => 6 * $i, range(1, $k));

        return [...$grow, ...array_fill(0, $k + 1, 6 * $k), ...array_reverse(\array_slice($grow, 0, -1))];
    }

    /** @param non-empty-list<int> $counts of rounds so many stitch widths high, drawn shut at both ends */
    private static function shut(array $counts, float $high): MembraneSolver
    {
        return new MembraneSolver(self::skin($counts, $high));
    }

    /** @param non-empty-list<int> $counts of rounds so many stitch widths high, drawn shut at both ends */
    private static function skin(array $counts, float $high): Skin
    {
        $pole = static fn (int $count): float => min($high, $count / (2 * \M_PI));

        return new Skin(
            [0.0, ...array_map(floatval(...), $counts), 0.0],
            [$pole($counts[0]), ...array_fill(0, \count($counts) - 1, $high), $pole($counts[\count($counts) - 1])],
        );
    }
}
