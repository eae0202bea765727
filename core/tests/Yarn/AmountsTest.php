<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Yarn;

use Alternum\Core\Analysis;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\AmountWords;
use Alternum\Core\Yarn\Amount;
use PHPUnit\Framework\TestCase;

final class AmountsTest extends TestCase
{
    private const CYLINDER = ['10 sc in MR', 'R2-10: sc around'];

    /**
     * @param list<string>               $rounds
     * @param list<array<string, mixed>> $colours
     * @param array<string, mixed>       $piece
     * @param array<string, mixed>       $plan
     *
     * @return list<Amount>
     */
    private static function amounts(array $rounds, array $colours = [], array $piece = [], array $plan = []): array
    {
        return Analysis::of(Plans::of($rounds, $colours, $piece, $plan))->amounts->amounts;
    }

    /** By hand: 100 sc of 8 × 5 mm = 4 m, two tails of 15 cm, as it is alone and sewn to nothing, a tenth to spare: (4 + 0.3) × 1.1. */
    public function testAWorkedExample(): void
    {
        [$a, $b] = self::amounts(self::CYLINDER, plan: ['gauge' => ['stitchesPer10cm' => 20, 'roundsPer10cm' => 20]]);
        self::assertSame(100, $a->stitches);
        self::assertEqualsWithDelta(
            ['stitches' => 4.0, 'joins' => 0.0, 'tails' => 0.3, 'carries' => 0.0, 'floats' => 0.0, 'sewing' => 0.0, 'thread' => 0.0, 'spare' => 0.43],
            $a->parts,
            1e-9,
        );
        self::assertEqualsWithDelta(4.73, $a->metres(), 1e-9);
        self::assertEqualsWithDelta([3.784, 5.676], [$a->lowMetres(), $a->highMetres()], 1e-9);
        self::assertEqualsWithDelta(1.892, $a->grams($a->metres()), 1e-9);
        self::assertTrue($a->isEnough());
        self::assertSame(0.0, $b->metres());
        self::assertNull($b->isEnough());
    }

    /** By hand: 86 cm over 20 stitches is 4.3 cm each; 7.5 g of 400 stitches at 250 m in 100 g is 4.6875 cm each. Measured ±6 %. */
    public function testMeasuredYarn(): void
    {
        $use = ['sparePercent' => 0, 'tailCm' => 0, 'sewingTailCm' => 0];
        [$unravelled] = self::amounts(self::CYLINDER, plan: ['yarnUse' => ['basis' => 'unravelled', 'unravelled' => ['stitches' => 20, 'cm' => 86]] + $use]);
        self::assertEqualsWithDelta(4.3, $unravelled->metres(), 1e-9);
        self::assertEqualsWithDelta(4.3 * 1.06, $unravelled->highMetres(), 1e-9);
        self::assertSame('From your unravelled swatch, 6 % more or less', AmountWords::basis($unravelled));
        self::assertSame('A guess from the gauge, 20 % more or less', AmountWords::basis(self::amounts(self::CYLINDER)[0]));
        [$weighed] = self::amounts(self::CYLINDER, plan: ['yarnUse' => ['basis' => 'weighed', 'weighed' => ['stitches' => 400, 'grams' => 7.5]] + $use]);
        self::assertEqualsWithDelta(4.6875, $weighed->metres(), 1e-9);
        // Two strands weigh twice as much a stitch: of the same grams each strand is half as long, and there are two.
        $yarns = [['key' => 'A', 'name' => '', 'hex' => '#ffffff', 'weight' => 'dk', 'metresPer100g' => 250, 'strands' => 2]];
        [$double] = self::amounts(
            self::CYLINDER,
            plan: ['yarns' => $yarns, 'yarnUse' => ['basis' => 'weighed', 'weighed' => ['stitches' => 400, 'grams' => 7.5]] + $use],
        );
        self::assertEqualsWithDelta(4.6875, $double->metres(), 1e-9);
    }

    /** Factors against sc, by hand: 6 sc, 6 inc, then 6 dec: 6 + 12 + 9; invisible ones 6.6; and the 12 cm that close it. */
    public function testShapingTakesMore(): void
    {
        $use = ['yarnUse' => ['basis' => 'unravelled', 'unravelled' => ['stitches' => 1, 'cm' => 1], 'sparePercent' => 0, 'tailCm' => 0, 'sewingTailCm' => 0]];
        self::assertEqualsWithDelta(0.27 + 0.12, self::amounts(['6 sc in MR', 'inc x6', 'dec x6'], plan: $use)[0]->metres(), 1e-9);
        self::assertEqualsWithDelta(0.246 + 0.12, self::amounts(['6 sc in MR', 'inc x6', 'inv dec x6'], plan: $use)[0]->metres(), 1e-9);
    }

    /** Two stripes of two rounds: A is carried over B; B begins, is carried and ends with a tail. */
    public function testTailsAndCarries(): void
    {
        [$a, $b] = self::amounts(
            self::CYLINDER,
            [Plans::stripes(3, 8, [['B', 2], ['A', 2]])],
            ['lean' => 0],
            ['gauge' => ['stitchesPer10cm' => 20, 'roundsPer10cm' => 20]],
        );
        self::assertEqualsWithDelta(0.30, $a->parts['tails'], 1e-9);
        self::assertEqualsWithDelta(2 * 0.010, $a->parts['carries'], 1e-9);
        self::assertSame(0.0, $a->parts['sewing']);
        self::assertEqualsWithDelta(0.30, $b->parts['tails'], 1e-9);
        self::assertEqualsWithDelta(0.010, $b->parts['carries'], 1e-9);
        self::assertSame(0.0, $b->parts['sewing']);
        self::assertSame([60, 40], [$a->stitches, $b->stitches]);
    }

    /** By hand: a spot of 2 leaves the ground to float 2 stitches of 5 mm; the spot's yarn floats 3 to the next. */
    public function testFloats(): void
    {
        [$a, $b] = self::amounts(self::CYLINDER, [
            ['kind' => 'run', 'round' => 5, 'from' => 2, 'to' => 3, 'yarn' => 'B'],
            ['kind' => 'run', 'round' => 5, 'from' => 7, 'to' => 8, 'yarn' => 'B'],
        ], [], ['gauge' => ['stitchesPer10cm' => 20, 'roundsPer10cm' => 20]]);
        self::assertEqualsWithDelta(0.020, $a->parts['floats'], 1e-9);
        self::assertEqualsWithDelta(0.015, $b->parts['floats'], 1e-9);
        self::assertEqualsWithDelta(0.30, $b->parts['tails'], 1e-9);
    }

    public function testCopiesStrandsAndOtherYarns(): void
    {
        [$one] = self::amounts(self::CYLINDER);
        [$three] = self::amounts(self::CYLINDER, piece: ['copies' => 3]);
        self::assertEqualsWithDelta(3 * $one->metres(), $three->metres(), 1e-9);
        self::assertSame(300, $three->stitches);
        [$a, $b] = self::amounts(self::CYLINDER, piece: ['copies' => [['name' => 'first'], ['name' => 'second', 'yarns' => ['A' => 'B']]]]);
        self::assertSame([100, 100], [$a->stitches, $b->stitches]);
        $yarns = [['key' => 'A', 'name' => '', 'hex' => '#ffffff', 'weight' => 'dk', 'metresPer100g' => 250, 'strands' => 2]];
        [$double] = self::amounts(self::CYLINDER, plan: ['yarns' => $yarns]);
        self::assertEqualsWithDelta(2 * $one->metres(), $double->metres(), 1e-9);
    }

    /** A slip stitch takes 0.55 of the single crochet it stands for. */
    public function testASlipStitchFirstTakesLess(): void
    {
        $colours = [Plans::stripes(5, 10, [['B', 6]])];
        $plain = self::amounts(self::CYLINDER, $colours, ['changes' => ['method' => 'plain']])[1]->parts['stitches'];
        $slip = self::amounts(self::CYLINDER, $colours, ['changes' => ['method' => 'slip-stitch']])[1]->parts['stitches'];
        self::assertEqualsWithDelta($plain * 59.55 / 60, $slip, 1e-9);
    }

    /** A five-centimetre three-coloured cone takes under 18 m of each yarn in medium weight: common practice, no source. */
    public function testASmallConeTakesUnderEighteenMetres(): void
    {
        $rounds = [
            '6 sc in MR', 'R2: sc around', 'R3: (2 sc, inc) x2', 'R4: sc around', 'R5: (3 sc, inc) x2', 'R6: sc around',
            'R7: (4 sc, inc) x2', 'R8: (5 sc, inc) x2', 'R9: (6 sc, inc) x2', 'R10: (7 sc, inc) x2',
        ];
        $yarns = array_map(
            static fn (string $key): array => ['key' => $key, 'name' => '', 'hex' => '#808080', 'weight' => 'worsted', 'metresPer100g' => 200],
            ['A', 'B', 'C'],
        );
        $amounts = self::amounts(
            $rounds,
            [Plans::stripes(1, 10, [['A', 1], ['B', 1], ['C', 1]])],
            plan: ['yarns' => $yarns, 'gauge' => ['stitchesPer10cm' => 18, 'roundsPer10cm' => 20]],
        );
        foreach ($amounts as $amount) {
            self::assertGreaterThan(0.5, $amount->lowMetres());
            self::assertLessThan(18.0, $amount->highMetres());
        }
    }

    public function testSaysWhetherItIsEnough(): void
    {
        $of = static fn (?float $grams): Amount => self::amounts(
            ['30 sc in MR', 'R2-40: sc around'],
            plan: [
                'yarns' => [
                    [
                        'key' => 'A',
                        'name' => '',
                        'hex' => '#ffffff',
                        'weight' => 'dk',
                        'metresPer100g' => 250,
                    ] + (null === $grams ? [] : ['onHandGrams' => $grams]),
                ],
            ],
        )[0];
        $likely = $of(null)->grams($of(null)->metres());
        self::assertStringStartsWith('Enough', AmountWords::verdict($of($likely * 1.3)));
        self::assertStringStartsWith('Tight', AmountWords::verdict($of($likely * 1.1)));
        self::assertTrue($of($likely * 1.1)->isEnough());
        self::assertStringStartsWith('Short by', AmountWords::verdict($of($likely * 0.9)));
        self::assertFalse($of($likely * 0.9)->isEnough());
        self::assertStringStartsWith('Say how many grams', AmountWords::verdict($of(null)));
    }
}
