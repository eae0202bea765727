<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** An edit changes what it is about, and drops nothing else that was set. */
final class WhatEditsKeepTest extends TestCase
{
    /** All of a piece that names its rounds. */
    private const ROUNDS = ['rounds', 'colours', 'changes', 'placements', 'face', 'finish'];

    /** @return iterable<string, array{array<string, mixed>, list<string>, list<string>}> an edit, and the fields that it may change: of the plan, of a piece */
    public static function edits(): iterable
    {
        yield 'words' => [['do' => 'words', 'terms' => 'uk'], ['terms', 'pieces'], ['rounds']];
        yield 'swatch' => [['do' => 'swatch', 'stitches' => 20, 'widthMm' => 100, 'rounds' => 20, 'heightMm' => 100], ['gauge'], []];
        yield 'own gauge' => [['do' => 'own-gauge'], ['pieces'], ['gauge']];
        yield 'another yarn' => [
            ['do' => 'another-yarn', 'weight' => 'bulky'],
            ['gauge', 'yarns', 'yarnUse', 'pieces'],
            ['gauge', 'rounds', 'placements', 'thread', 'finish'],
        ];
        yield 'yarn' => [['do' => 'yarn', 'name' => 'Slate'], ['yarns'], []];
        yield 'retype' => [['do' => 'retype', 'rounds' => ['R1: 6 sc in MR', 'R2: inc x6']], ['pieces'], self::ROUNDS];
        yield 'paste' => [['do' => 'paste', 'text' => "Wing\nR1: 6 sc in MR\nR2: inc x6"], ['pieces'], [...self::ROUNDS, 'worked']];
        yield 'renumber' => [['do' => 'renumber'], ['pieces'], ['rounds']];
        yield 'resize' => [['do' => 'resize', 'wider' => 1, 'longer' => 1], ['pieces'], self::ROUNDS];
        yield 'size' => [['do' => 'size', 'widthMm' => 90], ['pieces'], self::ROUNDS];
        yield 'paint' => [['do' => 'paint', 'rounds' => [2, 3], 'yarn' => 'B'], ['pieces'], ['colours']];
        yield 'stripes' => [['do' => 'stripes', 'from' => 2, 'to' => 3, 'sequence' => [['yarn' => 'B', 'rounds' => 1]]], ['pieces'], ['colours']];
        yield 'stitches' => [['do' => 'stitches', 'cells' => [['round' => 3, 'from' => 1, 'to' => 2]], 'yarn' => 'B'], ['pieces'], ['colours']];
        yield 'motif' => [['do' => 'motif', 'shape' => 'dot', 'yarn' => 'B'], ['pieces'], ['colours']];
        yield 'shift' => [['do' => 'shift', 'layer' => 1, 'rounds' => 1, 'degrees' => 10], ['pieces'], ['colours']];
        yield 'bobbles' => [['do' => 'bobbles', 'layer' => 1], ['pieces'], ['rounds']];
        yield 'crisp' => [['do' => 'crisp', 'round' => 5], ['pieces'], ['rounds']];
        yield 'face' => [['do' => 'face'], ['pieces'], ['face']];
        yield 'front' => [['do' => 'front', 'degrees' => 20], ['pieces'], ['front']];
        yield 'best' => [['do' => 'best', 'minds' => 'ends'], ['pieces'], ['changes']];
        yield 'copy' => [['do' => 'copy', 'key' => 'other', 'name' => 'Other'], ['pieces'], []];
        yield 'cover' => [['do' => 'cover', 'fit' => 'snug'], ['pieces'], []];
        yield 'lean' => [['do' => 'lean', 'rounds' => 10, 'stitches' => 2], ['lean', 'pieces'], ['lean']];
        yield 'set' => [['do' => 'set', 'values' => [['at' => ['title'], 'value' => 'Other']]], ['title'], []];
    }

    /**
     * Yarns with all that can be said of them, and a piece with a gauge of its own.
     *
     * @param array<mixed> $values of a plan
     *
     * @return array<string, mixed>
     */
    private static function yarns(array $values): array
    {
        [$yarns, $pieces] = [(array) $values['yarns'], (array) $values['pieces']];
        $yarns[0] = ['texture' => 'fuzzy', 'gauge' => ['stitchesPer10cm' => 21, 'roundsPer10cm' => 23]] + (array) $yarns[0];
        $held = array_map(static fn (mixed $yarn): array => ['yarn' => ((array) $yarn)['key'], 'strands' => 2], \array_slice($yarns, 0, 2));
        $yarns[] = ['key' => 'Z', 'name' => 'Marl', 'hex' => '#000000', 'weight' => 'dk', 'metresPer100g' => 200, 'held' => $held];
        $pieces[0] = ['gauge' => ['stitchesPer10cm' => 25, 'hookMm' => 2.5]] + (array) $pieces[0];

        return ['yarns' => $yarns, 'pieces' => $pieces];
    }

    /**
     * @param array<string, mixed> $edit
     * @param list<string>         $ofPlan
     * @param list<string>         $ofPiece
     */
    #[DataProvider('edits')]
    public function testAllElseStays(array $edit, array $ofPlan, array $ofPiece): void
    {
        $made = 0;
        foreach (Plans::demoFiles() as $file) {
            // Whatever can be said of a whole plan, and is not what it is where nothing is said.
            $values = (array) json_decode((string) file_get_contents($file), true, flags: \JSON_THROW_ON_ERROR);
            $plan = PlanReader::values(array_replace($values, [
                'hand' => 'left', 'units' => 'imperial', 'lean' => 0.4, 'marker' => 'last', 'floatStitches' => 7,
                'changes' => ['method' => 'early', 'oldYarn' => 'cut'],
            ] + self::yarns($values)));
            foreach ($plan->pieces as $piece) {
                $isOfPlan = \in_array($edit['do'], ['words', 'swatch', 'yarn', 'set', 'another-yarn'], true);
                try {
                    $after = EditKinds::read($edit + ($isOfPlan ? [] : ['piece' => $piece->key]), '')->apply($plan);
                } catch (EditRefused) {
                    continue;
                }
                ++$made;
                self::assertSame(self::but($plan->values(), $ofPlan), self::but($after->values(), $ofPlan), basename($file));
                foreach ($plan->pieces as $one) {
                    $mayChange = $isOfPlan || $one->key === $piece->key ? $ofPiece : [];
                    self::assertSame(
                        self::but($one->values(), $mayChange),
                        self::but($after->piece($one->key)?->values() ?? [], $mayChange),
                        basename($file).", {$one->name}",
                    );
                }
            }
        }
        self::assertGreaterThan(0, $made);
    }

    /**
     * @param array<string, mixed> $values
     * @param list<string>         $fields
     *
     * @return array<string, mixed>
     */
    private static function but(array $values, array $fields): array
    {
        return array_diff_key($values, array_flip($fields));
    }
}
