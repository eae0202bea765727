<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** The same toy in a thicker or thinner yarn. */
final class AnotherYarnTest extends TestCase
{
    /** @param array<string, mixed> $more */
    private static function in(Plan $plan, string $weight, array $more = []): Plan
    {
        return EditKinds::read(['do' => 'another-yarn', 'weight' => $weight] + $more, 'edit')->apply($plan);
    }

    /** @return array<string, mixed> */
    private static function values(): array
    {
        return [
            'yarns' => [
                ['key' => 'A', 'name' => 'Chalk', 'hex' => '#F2EDE4', 'weight' => 'dk', 'metresPer100g' => 240, 'onHandGrams' => 50],
                ['key' => 'B', 'name' => 'Brick', 'hex' => '#A04030', 'weight' => 'fingering', 'metresPer100g' => 400],
            ],
            'gauge' => ['stitchesPer10cm' => 24, 'roundsPer10cm' => 26, 'hookMm' => 3],
            'yarnUse' => ['basis' => 'unravelled', 'unravelled' => ['stitches' => 20, 'cm' => 80], 'sparePercent' => 10, 'tailCm' => 15, 'sewingTailCm' => 40],
        ];
    }

    /** By hand: 60 m in place of 240 m is a quarter, so all is twice as large: 12 stitches in 10 cm, a hook of 6 mm, eyes of 16 mm in place of 8. */
    public function testAllLengthsFollow(): void
    {
        $plan = Plans::of(Plans::ball(5), piece: [
            'gauge' => ['stitchesPer10cm' => 30, 'hookMm' => 2.25],
            'finish' => ['tailCm' => 20],
            'placements' => [
                ['kind' => 'eyes', 'anchor' => 'round', 'number' => 6, 'mm' => 8],
                ['kind' => 'buttons', 'anchor' => 'round', 'number' => 8, 'mm' => 11],
            ],
            'thread' => [['key' => 't1', 'kind' => 'fringe', 'yarn' => 'B', 'at' => ['anchor' => 'round', 'number' => 4], 'count' => 4, 'lengthMm' => 40]],
        ], plan: self::values());
        $then = self::in($plan, 'super-bulky', ['metresPer100g' => 60]);
        self::assertEquals([12.0, 13.0, 6.0], [$then->gauge->stitchesPer10cm, $then->gauge->roundsPer10cm, $then->gauge->hookMm]);
        $piece = $then->pieces[0];
        self::assertEquals([15.0, 4.5], [$piece->gauge?->stitchesPer10cm, $piece->gauge?->hookMm]);
        self::assertSame(40.0, $piece->finish->tailCm);
        self::assertSame([16.0, 23.0], [$piece->placements[0]->mm, $piece->placements[1]->mm]);
        self::assertSame(80, $piece->threads[0]->kind->values()['lengthMm'] ?? null);
        self::assertSame(80.0, $then->yarnUse->sewingTailCm);
        self::assertSame(15.0, $then->yarnUse->tailCm);
        // Nothing was measured of it, and none of it is at hand.
        self::assertSame('guess', $then->yarnUse->values()['basis'] ?? null);
        self::assertNull($then->yarns[0]->onHandGrams);
        self::assertSame(['super-bulky', 60.0], [$then->yarns[0]->weight->value, $then->yarns[0]->metresPer100g]);
        // The other yarn becomes as much thicker: 400 m become 100 m, which is bulky.
        self::assertSame(['bulky', 100.0], [$then->yarns[1]->weight->value, $then->yarns[1]->metresPer100g]);
        self::assertSame($plan->pieces[0]->rounds, $piece->rounds);
        self::assertSame($then->values(), PlanReader::values($then->values())->values());
    }

    /** Twice as large each way takes eight times the stuffing, and is twice as wide: geometry. */
    public function testSizeAndStuffingFollow(): void
    {
        $plan = Plans::of(Plans::ball(6), plan: self::values());
        [$was, $is] = [Analysis::of($plan)->pieces[0]->form, Analysis::of(self::in($plan, 'super-bulky', ['metresPer100g' => 60]))->pieces[0]->form];
        self::assertEqualsWithDelta(2.0, $is->width / $was->width, 0.01);
        self::assertEqualsWithDelta(8.0, $is->volume / $was->volume, 0.1);
    }

    public function testTheUsualYarnOfAWeightIsTakenWhereNoneIsSaid(): void
    {
        $then = self::in(Plans::of(['6 sc in MR'], plan: self::values()), 'fingering');
        self::assertSame(400.0, $then->yarns[0]->metresPer100g);
        // By hand: 24 × √(400/240) = 31.0.
        self::assertSame(31.0, $then->gauge->stitchesPer10cm);
        self::assertSame(2.25, $then->gauge->hookMm);
    }

    public function testYarnsThatAreHeldTogetherFollowTheirs(): void
    {
        $values = self::values();
        $values['yarns'] = [...\is_array($values['yarns']) ? $values['yarns'] : [], [
            'key' => 'M', 'name' => 'Marl', 'hex' => '#000000', 'weight' => 'dk', 'metresPer100g' => 1, 'held' => [['yarn' => 'A'], ['yarn' => 'B']],
        ]];
        $plan = Plans::of(['6 sc in MR'], plan: $values);
        // By hand: two strands of 240 and 400 m: 2 / (1/240 + 1/400) = 300; of a quarter of that 75.
        self::assertSame(300.0, $plan->yarn('M')?->metresPer100g);
        self::assertSame(75.0, self::in($plan, 'super-bulky', ['metresPer100g' => 60])->yarn('M')?->metresPer100g);
    }

    public function testWhatNoYarnGivesIsRefused(): void
    {
        $this->expectException(EditRefused::class);
        self::in(Plans::of(['6 sc in MR'], plan: self::values()), 'jumbo', ['metresPer100g' => 1]);
    }

    /** Words that say how large eyes are say it of the yarn that they were written for: they follow, as the materials go by them. */
    public function testTheSizeOfEyesThatWordsNameFollows(): void
    {
        $lines = ['6 sc in MR', 'inc x6', 'R3: sc around. Place 8 mm safety eyes.', 'R4: sc around (12)', 'Insert 9mm black eyes; glue a 10 mm button'];
        $plan = Plans::of($lines, plan: self::values());
        $then = self::in($plan, 'super-bulky', ['metresPer100g' => 60]);
        self::assertSame(
            ['6 sc in MR', 'inc x6', 'R3: sc around. Place 16 mm safety eyes.', 'R4: sc around (12)', 'Insert 18mm black eyes; glue a 10 mm button'],
            $then->pieces[0]->rounds,
        );
    }
}
