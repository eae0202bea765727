<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Yarn;

use Alternum\Core\Analysis;
use Alternum\Core\Colour\LabColour;
use Alternum\Core\Exchange\WhatIsNeeded;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\AmountWords;
use PHPUnit\Framework\TestCase;

/** Two yarns held together as one, each counted by itself. */
final class HeldYarnTest extends TestCase
{
    private const TUBE = ['10 sc in MR', 'R2-10: sc around'];
    private const ALONE = ['basis' => 'guess', 'sparePercent' => 0, 'tailCm' => 0, 'sewingTailCm' => 0];

    /** @param array<string, mixed> $fields of the yarn that is held together */
    private static function plan(array $fields, string $fill = 'M'): Plan
    {
        return Plans::of(self::TUBE, [['kind' => 'fill', 'yarn' => $fill]], plan: [
            'yarns' => [
                ['key' => 'A', 'name' => 'Chalk', 'hex' => '#FFFFFF', 'weight' => 'dk', 'metresPer100g' => 300],
                ['key' => 'B', 'name' => 'Brick', 'hex' => '#000000', 'weight' => 'fingering', 'metresPer100g' => 600],
                $fields + ['key' => 'M', 'name' => 'Marl', 'hex' => '#123456', 'weight' => 'lace', 'metresPer100g' => 1],
            ],
            'gauge' => ['stitchesPer10cm' => 20, 'roundsPer10cm' => 20],
            'yarnUse' => self::ALONE,
        ]);
    }

    /** By hand: 100 sc of 8 × 5 mm are 4 m a strand: 4 m of A, 8 m of B. */
    public function testEachIsCountedByItself(): void
    {
        $analysis = Analysis::of(self::plan(['held' => [['yarn' => 'A'], ['yarn' => 'B', 'strands' => 2]]]));
        [$a, $b, $m] = $analysis->amounts->amounts;
        self::assertEqualsWithDelta([4.0, 8.0, 0.0], [$a->metres(), $b->metres(), $m->metres()], 1e-9);
        self::assertSame([0, 0, 100], [$a->stitches, $b->stitches, $m->stitches]);
        self::assertSame('Counted with A and B.', AmountWords::verdict($m));
        $sums = [];
        foreach ($analysis->ledger()->lengths() as $length) {
            $sums[$length->yarn] = ($sums[$length->yarn] ?? 0.0) + $length->mean;
        }
        self::assertEqualsWithDelta(['A' => 4000.0, 'B' => 8000.0], $sums, 1e-6);
    }

    /** By hand: a strand of 300 m and one of 600 m in 100 g weigh 1/3 and 1/6 g a metre: three strands run 3 / (1/3 + 2/6) = 450 m in 100 g of them. */
    public function testItLooksAndRunsAsItsYarnsDo(): void
    {
        $plan = self::plan(['held' => [['yarn' => 'A'], ['yarn' => 'B', 'strands' => 2]]]);
        $marl = $plan->yarn('M');
        self::assertNotNull($marl);
        self::assertSame(['#FFFFFF', '#000000', 3, 450.0], [$marl->hex, $marl->withHex, $marl->strands, $marl->metresPer100g]);
        // A third of white light: by the sRGB formula (IEC 61966-2-1) 1.055 × (1/3)^(1/2.4) − 0.055 = 0.612, of 255 is 156.
        self::assertSame('#9C9C9C', LabColour::shown($marl));
        $needed = (new WhatIsNeeded(Analysis::of($plan), Terms::Us))->values();
        $yarns = array_values(array_filter(array_column($needed, 'text'), static fn (string $text): bool => 1 === preg_match('/^[A-Z] /', $text)));
        self::assertStringStartsWith('A Chalk, DK (300 m/100 g): up to 5 m', $yarns[0] ?? '');
        self::assertStringStartsWith('B Brick, fingering (600 m/100 g): up to 10 m', $yarns[1] ?? '');
        self::assertSame('M Marl: A (Chalk) and 2 strands of B (Brick) held together', $yarns[2] ?? '');
    }

    /** @return list<string> */
    private static function told(Plan $plan): array
    {
        return array_map(
            static fn (Problem $problem): string => "{$problem->path} {$problem->message->code}",
            array_values(array_filter(Analysis::of($plan)->problems, static fn (Problem $one): bool => str_starts_with((string) $one->path, 'yarns'))),
        );
    }

    public function testWhatCannotBeHeldTogetherIsTold(): void
    {
        self::assertSame(['yarns[2].held[1].yarn held.none'], self::told(self::plan(['held' => [['yarn' => 'A'], ['yarn' => 'C']]])));
        self::assertSame(['yarns[2].held[1].yarn held.same'], self::told(self::plan(['held' => [['yarn' => 'A'], ['yarn' => 'A']]])));
        self::assertSame(['yarns[2].held[0].yarn held.held'], self::told(self::plan(['held' => [['yarn' => 'M'], ['yarn' => 'A']]])));
        self::assertSame(['yarns[2].onHandGrams held.onHand'], self::told(self::plan(['held' => [['yarn' => 'A'], ['yarn' => 'B']], 'onHandGrams' => 20])));
        // What it is held together of is gone: it stays as it was, and nothing is lost.
        self::assertSame('#123456', self::plan(['held' => [['yarn' => 'A'], ['yarn' => 'C']]])->yarn('M')?->hex);
    }
}
