<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Colour;

use Alternum\Core\Analysis;
use Alternum\Core\Colour\ColourVision;
use Alternum\Core\Colour\LabColour;
use Alternum\Core\Place\Harmony;
use Alternum\Core\Place\PairTrouble;
use Alternum\Core\Plan\WeightCategory;
use Alternum\Core\Plan\Yarn;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\PieceWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ShadeTest extends TestCase
{
    /**
     * The test pairs that Sharma, Wu and Dalal published with their notes on CIEDE2000, 2005, table 1: from memory. Four decimals.
     *
     * @return list<array{float, float, float, float, float, float, float}> L a b of the one, of the other, their difference
     */
    private static function published(): array
    {
        return [
            [50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425], [50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615], [50, 2.8361, -74.0200, 50, 0, -82.7485, 3.4412],
            [50, -1.3802, -84.2814, 50, 0, -82.7485, 1.0], [50, -1.1848, -84.8006, 50, 0, -82.7485, 1.0], [50, -0.9009, -85.5211, 50, 0, -82.7485, 1.0],
            [50, 0, 0, 50, -1, 2, 2.3669], [50, -1, 2, 50, 0, 0, 2.3669], [
                50, 2.49, -0.001, 50, -2.49, 0.0009, 7.1792,
            ], [50, 2.49, -0.001, 50, -2.49, 0.001, 7.1792],
            [50, 2.49, -0.001, 50, -2.49, 0.0011, 7.2195], [50, 2.49, -0.001, 50, -2.49, 0.0012, 7.2195], [50, -0.001, 2.49, 50, 0.0009, -2.49, 4.8045],
            [50, -0.001, 2.49, 50, 0.001, -2.49, 4.8045], [50, -0.001, 2.49, 50, 0.0011, -2.49, 4.7461], [50, 2.5, 0, 50, 0, -2.5, 4.3065],
            [50, 2.5, 0, 73, 25, -18, 27.1492], [50, 2.5, 0, 61, -5, 29, 22.8977], [50, 2.5, 0, 56, -27, -3, 31.9030], [50, 2.5, 0, 58, 24, 15, 19.4535],
            [
                50, 2.5, 0, 50, 3.1736, 0.5854, 1.0,
            ], [50, 2.5, 0, 50, 3.2972, 0, 1.0], [50, 2.5, 0, 50, 1.8634, 0.5757, 1.0], [50, 2.5, 0, 50, 3.2592, 0.3350, 1.0],
            [60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644], [63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.2630],
            [61.2901, 3.7196, -5.3901, 61.4292, 2.2480, -4.9620, 1.8731], [35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645],
            [22.7233, 20.0904, -46.6940, 23.0331, 14.9730, -42.5619, 2.0373], [36.4612, 47.8580, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146],
            [90.8027, -2.0831, 1.4410, 91.1528, -1.6435, 0.0447, 1.4441], [90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381],
            [6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377], [2.0776, 0.0795, -1.1350, 0.9033, -0.0636, -0.5514, 0.9082],
        ];
    }

    public function testThePublishedPairs(): void
    {
        self::assertCount(34, self::published());
        foreach (self::published() as $i => [$l1, $a1, $b1, $l2, $a2, $b2, $difference]) {
            $one = LabColour::lab($l1, $a1, $b1);
            $other = LabColour::lab($l2, $a2, $b2);
            self::assertEqualsWithDelta($difference, $one->difference($other), 0.00005, 'pair '.($i + 1));
            self::assertEqualsWithDelta($difference, $other->difference($one), 0.00005, 'pair '.($i + 1).', turned');
        }
    }

    /** sRGB's own corners under D65, as colour science's tables give them: from memory, to a tenth. */
    #[TestWith(['#FFFFFF', 100.0, 0.0, 0.0])]
    #[TestWith(['#000000', 0.0, 0.0, 0.0])]
    #[TestWith(['#FF0000', 53.2, 80.1, 67.2])]
    #[TestWith(['#00FF00', 87.7, -86.2, 83.2])]
    #[TestWith(['#0000FF', 32.3, 79.2, -107.9])]
    public function testLab(string $hex, float $lightness, float $a, float $b): void
    {
        $shade = LabColour::of($hex);
        self::assertEqualsWithDelta([$lightness, $a, $b], [$shade->lightness, $shade->a, $shade->b], 0.1);
    }

    /** Greys are greys to all eyes; two strands of one colour are that colour; black and white mix to the middle light, #BCBCBC. */
    public function testSightAndMixing(): void
    {
        foreach (ColourVision::cases() as $sight) {
            self::assertSame('#808080', $sight->sees('#808080'));
            self::assertSame('#FFFFFF', $sight->sees('#FFFFFF'));
        }
        $apart = static fn (ColourVision $sight): float => LabColour::of($sight->sees('#C02020'))->difference(LabColour::of($sight->sees('#506010')));
        self::assertLessThan(
            LabColour::of('#C02020')->difference(LabColour::of('#506010')) / 2,
            $apart(ColourVision::Deutan),
            'Red and olive are hard to tell.',
        );
        self::assertSame('#3F6F7F', LabColour::mixed('#3F6F7F', '#3F6F7F'));
        self::assertSame('#BCBCBC', LabColour::mixed('#000000', '#FFFFFF'));
        self::assertSame('#BCBCBC', LabColour::shown(new Yarn('A', 'Pepper', '#000000', WeightCategory::Dk, 250.0, 2, withHex: '#FFFFFF')));
    }

    /**
     * @param list<array<string, mixed>> $colours
     * @param list<string>               $hexes
     */
    private static function harmony(array $colours, array $hexes): Harmony
    {
        $yarns = array_map(
            static fn (string $hex, string $key): array => ['key' => $key, 'name' => $key, 'hex' => $hex, 'weight' => 'dk', 'metresPer100g' => 250],
            $hexes,
            ['A', 'B', 'C'],
        );

        $plan = Plans::of(['24 sc in MR', 'R2-12: sc around'], $colours, plan: ['yarns' => $yarns]);

        return Analysis::of($plan)->pieces[0]->harmony($plan);
    }

    public function testOnlyYarnsThatTouchAreCompared(): void
    {
        $bands = [Plans::stripes(1, 12, [['A', 4], ['B', 4], ['C', 4]])];
        $harmony = self::harmony($bands, ['#E0D8C8', '#DDD6C6', '#101820']);
        self::assertSame([['A', 'B'], ['B', 'C']], array_map(static fn ($pair): array => [$pair->one, $pair->other], $harmony->pairs));
        self::assertSame(PairTrouble::Alike, $harmony->pairs[0]->trouble);
        self::assertStringContainsString('hardly show', (string) PieceWords::pair($harmony->pairs[0]));
        self::assertNull(PieceWords::pair($harmony->pairs[1]));
        self::assertSame([], self::harmony([], ['#E0D8C8', '#DDD6C6', '#101820'])->pairs);
        self::assertStringContainsString(
            'colour-blind eyes',
            (string) PieceWords::pair(self::harmony([Plans::stripes(1, 12, [['A', 6], ['B', 6]])], ['#C02020', '#506010', '#101820'])->pairs[0]),
        );
    }

    /** A dark yarn that floats behind a light one is told of; a light one behind a dark one is not. */
    public function testWhatShinesThrough(): void
    {
        $spot = [['kind' => 'fill', 'yarn' => 'A'], ['kind' => 'run', 'round' => 5, 'from' => 5, 'to' => 9, 'yarn' => 'B']];
        $shines = self::harmony($spot, ['#101820', '#F0F0E0', '#000000']);
        self::assertCount(1, $shines->shine);
        self::assertStringContainsString('left loose inside, it shows least', PieceWords::shine($shines)[0], 'Another way is offered.');
        self::assertSame([], self::harmony($spot, ['#F0F0E0', '#E0D0C0', '#000000'])->shine);
    }

    /** White stuffing shows through dark fabric; red and navy bleed into white. Common practice, no source. */
    public function testWhatDarkAndStrongYarnsDo(): void
    {
        $stripes = [['kind' => 'fill', 'yarn' => 'A'], ['kind' => 'run', 'round' => 5, 'from' => 5, 'to' => 9, 'yarn' => 'B']];
        $navy = self::harmony($stripes, ['#F0F0E0', '#1A2050', '#000000']);
        self::assertSame([['B'], ['B']], [$navy->dark, $navy->bleeds]);
        $red = self::harmony($stripes, ['#C02020', '#F0F0E0', '#000000']);
        self::assertSame([[], ['A']], [$red->dark, $red->bleeds]);
        $said = implode(' ', PieceWords::shine($red));
        self::assertStringContainsString('A may bleed into the light yarn beside it', $said);
        $green = self::harmony($stripes, ['#608060', '#F0F0E0', '#000000']);
        self::assertSame([[], []], [$green->dark, $green->bleeds]);
    }
}
