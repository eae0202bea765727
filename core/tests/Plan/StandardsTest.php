<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Plan;

use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\HookSize;
use Alternum\Core\Plan\LabelRange;
use Alternum\Core\Plan\WeightCategory;
use Alternum\Core\Plan\Yarn;
use Alternum\Core\Words\GaugeWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The published standards, each against its table. */
final class StandardsTest extends TestCase
{
    /**
     * Craft Yarn Council, Standard Yarn Weight System: number, crochet gauge in single crochet to 4 inches, metric hook. From memory.
     *
     * @param array{int, int}|null     $stitches
     * @param array{float, float|null} $hook
     */
    #[TestWith([WeightCategory::Lace, 0, null, [1.4, 2.25]])]
    #[TestWith([WeightCategory::Fingering, 1, [21, 32], [2.25, 3.5]])]
    #[TestWith([WeightCategory::Sport, 2, [16, 20], [3.5, 4.5]])]
    #[TestWith([WeightCategory::Dk, 3, [12, 17], [4.5, 5.5]])]
    #[TestWith([WeightCategory::Worsted, 4, [11, 14], [5.5, 6.5]])]
    #[TestWith([WeightCategory::Aran, 4, [11, 14], [5.5, 6.5]])]
    #[TestWith([WeightCategory::Bulky, 5, [8, 11], [6.5, 9.0]])]
    #[TestWith([WeightCategory::SuperBulky, 6, [7, 9], [9.0, 15.0]])]
    #[TestWith([WeightCategory::Jumbo, 7, [1, 6], [15.0, null]])]
    public function testWeightCategories(WeightCategory $weight, int $number, ?array $stitches, array $hook): void
    {
        self::assertSame($number, $weight->number());
        self::assertEquals(null === $stitches ? null : new LabelRange(...$stitches), $weight->labelStitches());
        self::assertEquals(new LabelRange(...$hook), $weight->labelHookMm());
    }

    /** Craft Yarn Council, crochet hook sizes: millimetres and US letters. From memory. 3.0 mm has no US name. */
    #[TestWith([2.25, 'B-1'])]
    #[TestWith([2.75, 'C-2'])]
    #[TestWith([3.25, 'D-3'])]
    #[TestWith([3.5, 'E-4'])]
    #[TestWith([4.0, 'G-6'])]
    #[TestWith([5.0, 'H-8'])]
    #[TestWith([6.5, 'K-10½'])]
    #[TestWith([10.0, 'N/P-15'])]
    #[TestWith([3.0, null])]
    public function testHookSizes(float $mm, ?string $us): void
    {
        self::assertSame($us, HookSize::us($mm));
    }

    /**
     * DK is 12 to 17 single crochet on a hook of 4.5 to 5.5 mm (Craft Yarn Council, from memory); stuffed work is tighter on a smaller
     * hook: common practice, no source.
     */
    #[TestWith([22.0, 3.0, 'Tighter than the 12 to 17 of a DK label', 'smaller than the label’s 4.5 mm'])]
    #[TestWith([15.0, 5.0, 'Within the 12 to 17', 'a little tighter.'])]
    #[TestWith([10.0, 6.5, 'Looser than the 12 to 17', 'larger than the label’s 5.5 mm'])]
    #[TestWith([22.0, null, 'Tighter', 'no stuffing shows.'])]
    public function testAGaugeAgainstTheLabel(float $stitches, ?float $hook, string $says, string $ends): void
    {
        $remark = (string) GaugeWords::remark(new Gauge($stitches, 24.0, $hook), WeightCategory::Dk);
        self::assertStringContainsString($says, $remark);
        self::assertStringContainsString($ends, $remark);
        self::assertNull(GaugeWords::remark(new Gauge($stitches, 24.0, $hook), WeightCategory::Lace));
    }

    /** The categories follow one another without a gap in their hooks: the standard's own order. */
    public function testHooksGrowWithWeight(): void
    {
        $largest = 0.0;
        foreach (WeightCategory::cases() as $weight) {
            if (WeightCategory::Aran === $weight) {
                continue;
            }
            [$least, $most] = [$weight->labelHookMm()->least, $weight->labelHookMm()->most];
            self::assertTrue(0.0 === $largest || $least === $largest, $weight->value);
            $largest = $most ?? 0.0;
        }
    }

    /** Two strands of fingering, 400 m in 100 g, are DK together, and two of DK about like worsted or aran: common practice, no source. */
    #[TestWith([WeightCategory::Fingering, 400.0, 2, WeightCategory::Dk])]
    #[TestWith([WeightCategory::Dk, 250.0, 2, WeightCategory::Worsted])]
    #[TestWith([WeightCategory::Dk, 250.0, 3, WeightCategory::Bulky])]
    #[TestWith([WeightCategory::Aran, 170.0, 2, WeightCategory::Bulky])]
    #[TestWith([WeightCategory::Aran, 170.0, 1, WeightCategory::Aran])]
    #[TestWith([WeightCategory::Jumbo, 30.0, 2, WeightCategory::Jumbo])]
    public function testStrandsHeldTogether(WeightCategory $weight, float $metres, int $strands, WeightCategory $like): void
    {
        self::assertSame($like, (new Yarn('A', 'Chalk', '#ffffff', $weight, $metres, $strands))->worksUpLike());
    }

    public function testTheGaugeIsHeldAgainstTheStrandsTogether(): void
    {
        $remark = (string) GaugeWords::ofYarn(new Gauge(15.0, 16.0, 4.0), new Yarn('A', 'Chalk', '#ffffff', WeightCategory::Dk, 250.0, 2));
        self::assertStringStartsWith(
            '2 strands of DK together are about 125 m in 100 g, like worsted. Tighter than the 11 to 14 of a worsted label',
            $remark,
        );
        self::assertNull(HookSize::us(12.0), 'Makers of hooks differ.');
    }
}
