<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\Usual;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Units;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What dialogs begin with can be done as it stands. */
final class UsualTest extends TestCase
{
    /** @return iterable<string, array{Units}> */
    public static function units(): iterable
    {
        foreach (Units::cases() as $units) {
            yield $units->value => [$units];
        }
    }

    #[DataProvider('units')]
    public function testEachCanBeDone(Units $units): void
    {
        $usual = Usual::values($units);
        $plan = Plans::of(['6 sc in MR', 'inc x6', '(sc, inc) x6', '(2 sc, inc) x6', 'R5-12: sc around'], plan: ['units' => $units->value]);
        $done = static fn (string $do, array $more): Plan => EditKinds::read(['do' => $do, 'piece' => 'body'] + $more, '')->apply($plan);

        // Two of the standard's square inches, or five centimetres, of DK: 22 stitches in 10 cm, 4 inches being 10.16.
        $swatch = EditKinds::read(['do' => 'swatch'] + $usual['swatch'], '')->apply($plan);
        self::assertEqualsWithDelta(22.0, $swatch->gauge->stitchesPer10cm, 0.4);
        self::assertEqualsWithDelta(24.0, $swatch->gauge->roundsPer10cm, 0.4);
        ['form' => $form, 'start' => $start, 'spread' => $spread, 'decrease' => $decrease, 'widthMm' => $width] = $usual['shape'];
        $ball = $done('shape', ['form' => $form, 'start' => $start, 'spread' => $spread, 'decrease' => $decrease, 'widthMm' => $width]);
        self::assertSame([], Analysis::of($ball)->problems);
        self::assertEqualsWithDelta($width, Analysis::of($ball)->pieces[0]->form->width, 5.0);
        self::assertCount(2, $done('cover', $usual['cover'])->pieces);
        ['wide' => $wide, 'tall' => $tall, 'step' => $step, 'count' => $count] = $usual['spots'];
        foreach ([
            ['kind' => 'band', 'yarn' => 'B', 'where' => ['part' => $usual['band']['part'], 'rounds' => $usual['band']['rounds']]],
            ['kind' => 'panel', 'yarn' => 'B', 'from' => 5, 'to' => 9, 'degrees' => $usual['panel']['degrees']],
            ['kind' => 'spots', 'yarn' => 'B', 'from' => 5, 'to' => 12, 'step' => $step, 'count' => $count, 'wide' => $wide, 'tall' => $tall],
        ] as $layer) {
            $laid = Plans::of($plan->pieces[0]->rounds, [['kind' => 'fill', 'yarn' => 'A'], $layer]);
            self::assertStringContainsString('B', implode('', Analysis::of($laid)->pieces[0]->stages->colouring->rounds), $layer['kind']);
        }
    }

    /** Lengths are round figures in the plan's units: a maker does not begin with 63.5 mm, nor with 2.36 inches. */
    public function testLengthsAreRoundInTheirUnits(): void
    {
        foreach ([[Units::Metric, 5.0], [Units::Imperial, 12.7]] as [$units, $unit]) {
            foreach (Usual::values($units) as $dialog => $fields) {
                foreach ($fields as $name => $value) {
                    if (str_ends_with($name, 'Mm')) {
                        self::assertIsFloat($value);
                        self::assertEqualsWithDelta(0.0, fmod($value + 1e-9, $unit), 1e-6, "{$dialog} {$name}");
                    }
                }
            }
        }
    }

    /** It is a plan as any other, nothing is wrong with it, and its gauge, hook and yarn belong together. */
    public function testANewPlanCanBeBegun(): void
    {
        $plan = Usual::plan();
        self::assertEquals($plan, PlanReader::json(PlanWriter::json($plan)));
        self::assertSame([], Analysis::of($plan)->problems);
        self::assertCount(2, $plan->yarns);
        self::assertSame([], $plan->pieces[0]->rounds);
    }
}
