<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Answers;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\StillWriter;
use Alternum\Core\Exchange\ToyWriter;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\Toy\WholeToysTest;
use Alternum\Core\Toy\Solid;

/** How whole toys are put together, where their parts stand, how they are shaped and how they look. */
final class WholeToys
{
    /** @return array<string, \Closure(): iterable<string>> */
    public static function all(): array
    {
        return ['toys' => static fn (): iterable => self::toys(), 'stills' => static fn (): iterable => self::stills()];
    }

    /** @return iterable<string> */
    private static function toys(): iterable
    {
        foreach (WholeToysTest::toys() as $name => $plan) {
            yield "=== {$name}";
            $analysis = Analysis::of($plan);
            yield SpecimenPlans::json(array_column(ToyWriter::order($analysis, Terms::Uk), 'key'));
            yield SpecimenPlans::json(ToyWriter::byJoint($analysis, Terms::Uk));
            foreach ($analysis->wholeToy() as $posed) {
                yield "{$posed->piece} {$posed->copy} on ".($posed->on ?? 'nothing').': '
                    .self::numbers(array_merge(...$posed->pose->axes), 3).' at '.self::numbers($posed->pose->at, 1);
            }
            foreach ($analysis->assembled->joints as $joint) {
                yield \sprintf(
                    '%s of %s on %s: seam %.1f mm, needs %.1f, cut %s cm of %s%s, hides %s',
                    $joint->joint->key,
                    $joint->part->key,
                    $joint->onto->key,
                    $joint->seamMm,
                    $joint->needsMm,
                    $joint->cutCm(),
                    $joint->yarn(),
                    $joint->isDeep() ? ', deep' : '',
                    SpecimenPlans::json($joint->hides),
                );
            }
            foreach ($analysis->pieces as $piece) {
                yield from self::piece($piece);
            }
        }
    }

    /** @return iterable<string> */
    private static function piece(PieceAnalysis $piece): iterable
    {
        $part = $piece->part;
        yield \sprintf(
            '%s: %s, %s around, tail %s, %s%s',
            $part->key,
            SpecimenPlans::json($part->counts),
            self::numbers($part->aroundMm, 1),
            null === $part->tailMm ? '-' : self::numbers([$part->tailMm], 1),
            $part->isClosed ? 'closed' : 'open',
            $part->isStuffed ? ', stuffed' : '',
        );
        if (null === $part->solid) {
            return;
        }
        foreach ([-1.0, 0.4, $part->solid->end() / 2, $part->solid->end() - 0.3, $part->solid->end() + 1.0] as $level) {
            yield self::solid($part->solid, $level);
        }
    }

    private static function solid(Solid $solid, float $level): string
    {
        $sizes = [$solid->height($level), $solid->radius($level), $solid->widest(), $solid->long()];
        $at = "  {$level} of {$solid->end()}: {$solid->up} up, ".self::numbers($sizes, 2);
        foreach ([0.0, 100.0] as $degrees) {
            $at .= "; {$degrees}° ".self::numbers($solid->point($level, $degrees), 2).' out '.self::numbers($solid->outwards($level, $degrees), 2);
        }

        return $at;
    }

    /** @return iterable<string> */
    private static function stills(): iterable
    {
        $bud = Plans::of(['5 sc in MR', 'inc x5', 'R3: sc around', 'dec x5'], [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(2, 4, [['B', 1], ['A', 1]])]);
        $faced = Plans::of(['4 sc in MR', 'inc x4', 'R3-4: sc around', 'dec x4'], piece: [
            'placements' => [['key' => 'eyes', 'kind' => 'eyes', 'mm' => 5, 'anchor' => 'round', 'number' => 3, 'fromFront' => 0, 'apart' => 2]],
            'thread' => [['key' => 'mouth', 'kind' => 'smile', 'width' => 2, 'drop' => 0.5, 'yarn' => 'B', 'at' => ['anchor' => 'round', 'number' => 4]]],
        ]);
        foreach (['bud' => $bud, 'face' => $faced, 'empty' => Plans::of([])] as $name => $plan) {
            foreach ([[null, 0.0, 12.0], ['body', 150.0, 90.0]] as [$key, $degrees, $tipped]) {
                yield "=== {$name}, turned {$degrees}, tipped {$tipped}";
                yield str_replace('><', ">\n<", StillWriter::svg(Analysis::of($plan), $key, $degrees, $tipped));
            }
        }
    }

    /** @param array<int|float> $numbers */
    private static function numbers(array $numbers, int $places): string
    {
        return implode(' ', array_map(static fn (int|float $one): string => (string) (round($one, $places) + 0.0), $numbers));
    }
}
