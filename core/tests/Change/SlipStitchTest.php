<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Change;

use Alternum\Core\Analysis;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\WrittenSteps;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A round that starts with a slip stitch keeps its count: common practice, no source. */
final class SlipStitchTest extends TestCase
{
    private const SLIP = ['changes' => ['method' => 'slip-stitch']];

    private static function written(Plan $plan, int $round): string
    {
        return WrittenSteps::rounds($plan)[$round - 1]['text'];
    }

    /** Before a plain stitch it stands for it, before an increase it is worked into the same stitch as a single crochet. */
    #[TestWith(['sc around', 'R3: with B Brick: sl st, 11 sc (12)', 12])]
    #[TestWith(['(inc, sc) x6', 'sl st', 18])]
    #[TestWith(['sc around in BLO', 'sl st', 12])]
    public function testTheLineItselfKeepsTheCount(string $third, string $written, int $makes): void
    {
        $plan = Plans::of(['6 sc in MR', 'inc x6', $third, 'sc around'], [Plans::stripes(3, 4, [['B', 2]])], self::SLIP);
        $text = self::written($plan, 3);
        self::assertStringContainsString($written, $text);
        $read = Reader::read(['6 sc in MR', 'inc x6', (string) preg_replace('/^R3: with B Brick: /', '', $text)], Terms::Us);
        self::assertSame([[], 12, $makes], [$read->errors(), $read->rounds[2]->uses, $read->rounds[2]->makes]);
    }

    /** It cannot stand for a decrease, nor for a taller stitch. */
    #[TestWith(['dec x6'])]
    #[TestWith(['12 hdc'])]
    public function testAnotherMethodWhereItCannotStand(string $third): void
    {
        $plan = Plans::of(['6 sc in MR', 'inc x6', $third, 'sc around'], [Plans::stripes(3, 3, [['B', 1]])], self::SLIP);
        self::assertSame(Method::Plain, Analysis::of($plan)->pieces[0]->changes->all[0]->treatment->method);
    }

    /** Over stripes of one round, which need it, they would stand on one another and pucker: no choice of the program's. */
    public function testStackedItPuckers(): void
    {
        $stripes = [Plans::stripes(3, 12, [['B', 1], ['A', 1]])];
        $tube = ['24 sc in MR', 'R2-14: sc around'];
        $own = Analysis::of(Plans::of($tube, $stripes, ['lean' => 0, 'front' => ['degrees' => 0]]))->pieces[0]->changes->all;
        $methods = array_map(static fn ($change): string => $change->treatment->method->value, \array_slice($own, 0, 8));
        self::assertSame(['plain'], array_values(array_unique($methods)));

        $plan = Plans::of($tube, $stripes, ['lean' => 0, 'front' => ['degrees' => 0]] + self::SLIP);
        self::assertStringContainsString('nine of them are six rounds short', WordsTest::why($plan, 3));
        // One stripe of one round alone is begun with one.
        $alone = Analysis::of(Plans::of($tube, [Plans::stripes(5, 5, [['B', 1]])], ['lean' => 0, 'front' => ['degrees' => 0]]))->pieces[0]->changes->all;
        self::assertSame(Method::SlipStitch, $alone[0]->treatment->method);
    }

    /** A motif that begins at the marker changes the yarn there round after round; one of a single round does not. */
    public function testUnderAMotifItIsNotStackedEither(): void
    {
        $methods = static function (array $rows): array {
            $motif = ['kind' => 'motif', 'rows' => $rows, 'round' => 4, 'fromFront' => 0];
            $piece = Analysis::of(Plans::of(['24 sc in MR', 'R2-14: sc around'], [$motif], ['lean' => 0, 'front' => ['degrees' => 22]]))->pieces[0];

            return array_map(static fn ($change): string => $change->treatment->method->value, $piece->changes->jogs());
        };
        self::assertSame(['plain', 'plain', 'plain'], $methods(['BBB', 'BBB', 'BBB']));
        self::assertContains('slip-stitch', $methods(['BBB']));
    }
}
