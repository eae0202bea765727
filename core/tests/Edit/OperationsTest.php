<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\Edit;
use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\KeepFace;
use Alternum\Core\Edit\Paint;
use Alternum\Core\Edit\Retype;
use Alternum\Core\Edit\Seen;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Edits that are sent as operations: fields that are set, layers taken hold of, a face kept. */
final class OperationsTest extends TestCase
{
    private const TUBE = ['24 sc in MR', 'R2-20: sc around'];
    private const MOTIF = ['kind' => 'motif', 'rows' => ['BB', 'BB'], 'round' => 5, 'fromFront' => 30];

    /** @param array<string, mixed> $edit */
    private static function edit(Plan $plan, array $edit): Plan
    {
        return EditKinds::read($edit, '')->apply($plan);
    }

    /** @param list<string> $at */
    private static function set(Plan $plan, array $at, mixed $value): Plan
    {
        return self::edit($plan, ['do' => 'set', 'values' => [['at' => $at, 'value' => $value]]]);
    }

    public function testFieldsAreSetByTheirNamesAndKeys(): void
    {
        $plan = Plans::of(
            self::TUBE,
            [self::MOTIF],
            [
                'placements' => [
                    ['key' => 'p1', 'kind' => 'eyes', 'anchor' => 'round', 'number' => 9, 'apart' => 4],
                    ['key' => 'p2', 'kind' => 'nose', 'anchor' => 'round', 'number' => 8],
                ],
            ],
        );
        self::assertSame('Kite', self::set($plan, ['title'], 'Kite')->title);
        self::assertSame('Slate', self::set($plan, ['yarns', 'B', 'name'], 'Slate')->yarns[1]->name);
        self::assertSame(7, self::set($plan, ['pieces', 'body', 'placements', 'p2', 'number'], 7)->pieces[0]->placements[1]->place->number);
        self::assertSame(90.0, self::set($plan, ['pieces', 'body', 'front', 'degrees'], 90)->pieces[0]->frontDegrees);
        $bare = self::edit(
            $plan,
            ['do' => 'set', 'values' => [['at' => ['pieces', 'body', 'colours', '0']], ['at' => ['pieces', 'body', 'placements', 'p1']]]],
        );
        self::assertSame([0, 1], [\count($bare->pieces[0]->colours), \count($bare->pieces[0]->placements)]);
        self::assertSame('p2', $bare->pieces[0]->placements[0]->key);
    }

    /** Any layer is set as it is written, one that is set stitch by stitch too: its rounds' numbers are names, not places. */
    public function testStitchesSetByHandStayWhatTheyAre(): void
    {
        $plan = Plans::of(self::TUBE, [['kind' => 'hand', 'rounds' => ['1' => 'AB', '2' => 'BA']], self::MOTIF]);
        $renamed = self::set($plan, ['pieces', 'body', 'name'], 'Torso');
        self::assertEquals($plan->pieces[0]->colours, $renamed->pieces[0]->colours);
        $changed = self::set($plan, ['pieces', 'body', 'colours', '0', 'rounds', '2'], 'BBB');
        self::assertStringStartsWith('BBBA', Analysis::of($changed)->pieces[0]->stages->colouring->rounds[1]);
        self::assertStringStartsWith('ABAA', Analysis::of($changed)->pieces[0]->stages->colouring->rounds[0]);
    }

    /** @param list<string> $at */
    #[TestWith([['yarns', 'Q', 'name'], 'x'])]
    #[TestWith([['pieces', 'wing', 'name'], 'x'])]
    #[TestWith([['pieces', 'body', 'colours', '3', 'round'], 2])]
    #[TestWith([['title', 'of', 'it'], 'x'])]
    public function testWhatIsGoneIsSaid(array $at, mixed $value): void
    {
        try {
            self::set(Plans::of(self::TUBE, [self::MOTIF]), $at, $value);
            self::fail('It must be refused.');
        } catch (EditRefused $refused) {
            self::assertSame('What was changed is no longer there: '.implode(', ', $at).'.', MessageWords::says($refused->says));
        }
    }

    /** @param list<string> $at */
    #[TestWith([['gauge', 'hookMm'], -1])]
    #[TestWith([['pieces', 'body', 'colours', '0', 'kind'], 'cloud'])]
    #[TestWith([['pieces', 'body', 'colours', '0', 'rows'], ['q']])]
    #[TestWith([['colour'], 'red'])]
    #[TestWith([['pieces', 'body', 'rounds'], 'one text'])]
    public function testWhatIsNoPlanIsRefused(array $at, mixed $value): void
    {
        $this->expectException(InvalidFields::class);
        self::set(Plans::of(self::TUBE, [self::MOTIF]), $at, $value);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, int|float|bool>, array<string, mixed>}> a layer, how it is taken, and fields
     *                                                                                                            of it then
     */
    public static function shifts(): iterable
    {
        yield 'a motif moves' => [self::MOTIF, ['rounds' => 3, 'degrees' => 20], ['round' => 8, 'fromFront' => 50.0]];
        yield 'down to the first round and no further' => [self::MOTIF, ['rounds' => -9, 'degrees' => 0], ['round' => 1, 'fromFront' => 30.0]];
        yield 'up to the last round and no further' => [self::MOTIF, ['rounds' => 40, 'degrees' => 0], ['round' => 19]];
        yield 'around the back' => [self::MOTIF, ['rounds' => 0, 'degrees' => 170], ['fromFront' => -160.0]];
        $panel = ['kind' => 'panel', 'yarn' => 'B', 'from' => 4, 'to' => 9, 'degrees' => 60, 'fromFront' => 0];
        yield 'a panel moves' => [$panel, ['rounds' => 2, 'degrees' => -10], ['from' => 6, 'to' => 11, 'fromFront' => -10.0]];
        yield 'a panel is drawn higher and wider on both sides' => [
            $panel,
            ['rounds' => 2, 'degrees' => 15, 'stretch' => true],
            ['from' => 4, 'to' => 11, 'degrees' => 90.0],
        ];
        yield 'no higher than the piece' => [$panel, ['rounds' => 60, 'degrees' => 0, 'stretch' => true], ['from' => 4, 'to' => 20, 'degrees' => 60.0]];
    }

    /**
     * @param array<string, mixed>          $layer
     * @param array<string, int|float|bool> $shift
     * @param array<string, mixed>          $expected
     */
    #[DataProvider('shifts')]
    public function testALayerIsTakenHoldOf(array $layer, array $shift, array $expected): void
    {
        $shifted = self::edit(Plans::of(self::TUBE, [$layer]), ['do' => 'shift', 'piece' => 'body', 'layer' => 0] + $shift);
        self::assertSame([], Analysis::of($shifted)->problems);
        $values = $shifted->pieces[0]->colours[0]->layer->values();
        foreach ($expected as $field => $value) {
            \is_float($value) ? self::assertEqualsWithDelta($value, $values[$field], 1e-9, $field) : self::assertSame($value, $values[$field], $field);
        }
    }

    public function testAFillHasNoPlace(): void
    {
        $this->expectException(EditRefused::class);
        self::edit(
            Plans::of(self::TUBE, [['kind' => 'fill', 'yarn' => 'B']]),
            ['do' => 'shift', 'piece' => 'body', 'layer' => 0, 'rounds' => 1, 'degrees' => 0],
        );
    }

    public function testAFaceIsKept(): void
    {
        $face = (new KeepFace('body', null, null))->apply(Plans::of(self::TUBE))->pieces[0]->face;
        self::assertSame([7, 13, 100.0], [$face?->from, $face?->to, $face?->degrees]);
        $over = (new KeepFace('body', 3, 6))->apply(Plans::of(self::TUBE))->pieces[0]->face;
        self::assertSame([3, 6], [$over?->from, $over?->to]);
        $this->expectException(EditRefused::class);
        (new KeepFace('body', null, null))->apply(Plans::of([]));
    }

    /** Painting beside stripes that are hidden does not go into them. */
    public function testPaintBesideHiddenStripesIsSeen(): void
    {
        $hidden = ['hidden' => true] + Plans::stripes(4, 6, [['B', 3]]);
        $painted = Paint::rounds('body', [7, 8], 'B')->apply(Plans::of(self::TUBE, [$hidden]));
        self::assertCount(2, $painted->pieces[0]->colours);
        $letters = implode('', array_map(static fn (string $round): string => $round[0], Analysis::of($painted)->pieces[0]->stages->colouring->rounds));
        self::assertSame('AAAAAABBAAAAAAAAAAAA', $letters);
        $over = Paint::rounds('body', range(3, 8), 'B')->apply(Plans::of(self::TUBE, [$hidden]));
        self::assertCount(2, $over->pieces[0]->colours, 'What is hidden is hers still.');
    }

    /** What stands beside a placement is found by its key, in whatever order they come. */
    public function testPlacementsAreMatchedByKey(): void
    {
        $plan = Plans::of(self::TUBE, [], ['placements' => [
            ['key' => 'low', 'kind' => 'eyes', 'anchor' => 'round', 'number' => 12, 'apart' => 4],
            ['key' => 'high', 'kind' => 'ears', 'anchor' => 'round', 'number' => 4, 'apart' => 4],
            ['key' => 'nose', 'kind' => 'nose', 'anchor' => 'placement', 'of' => 'low', 'offset' => 1],
        ]]);
        $swapped = self::edit(
            $plan,
            [
                'do' => 'set',
                'values' => [
                    [
                        'at' => ['pieces', 'body', 'placements'],
                        'value' => array_map(static fn (int $i): array => $plan->pieces[0]->placements[$i]->values(), [1, 0, 2]),
                    ],
                ],
            ],
        );
        foreach ([$plan, $swapped] as $one) {
            $placed = Analysis::of($one)->pieces[0]->placing->placed;
            self::assertSame(13, $placed[2]->round);
        }
        $without = self::edit($swapped, ['do' => 'set', 'values' => [['at' => ['pieces', 'body', 'placements', 'high']]]]);
        self::assertSame(13, Analysis::of($without)->pieces[0]->placing->placed[1]->round);
        $retyped = (new Retype('body', ['24 sc in MR', 'R2: inc x24', 'R3-21: sc around']))->apply($swapped);
        self::assertSame(['high', 'low', 'nose'], array_map(static fn ($one): string => $one->key, $retyped->pieces[0]->placements));
        self::assertEquals($retyped, PlanReader::json(PlanWriter::json($retyped)));
    }

    /** The maker saw round 8 before a round was put in below it: it is painted where it is now, and a stretch takes in what was put into it. */
    public function testRoundsAreThoseThatSheSaw(): void
    {
        $saw = ['24 sc in MR', 'R2-7: sc around', 'R8: hdc around', 'R9-12: sc around'];
        $now = Plans::of(['24 sc in MR', 'sc around in BLO', 'R3-8: sc around', 'R9: hdc around', 'R10-13: sc around']);
        $seen = Seen::now()->ofLines('body', $saw);
        $paint = static fn (string $do, string $field, mixed $on): Edit => EditKinds::read(['do' => $do, 'piece' => 'body', $field => $on, 'yarn' => 'B'], '');
        $made = static fn (string $do, string $field, mixed $on, bool $isSeen): array => ($isSeen
            ? $seen->made($paint($do, $field, $on), $now)
            : $paint($do, $field, $on)->apply($now))->pieces[0]->colours;
        self::assertEquals($made('paint', 'rounds', [9], false), $made('paint', 'rounds', [8], true));
        $stretch = $seen->made($paint('paint', 'rounds', range(1, 8)), $now)->pieces[0]->colours[0]->values();
        self::assertSame([1, 9], [$stretch['from'], $stretch['to']]);
        $cells = static fn (int $round): array => [['round' => $round, 'from' => 2, 'to' => 4]];
        self::assertEquals($made('stitches', 'cells', $cells(10), false), $made('stitches', 'cells', $cells(9), true));
        $terms = self::edit(Plans::of($saw), ['do' => 'words', 'terms' => 'uk']);
        $first = $paint('paint', 'rounds', [8]);
        self::assertEquals($first->apply($terms), $seen->made($first, $terms));
        // One layer, not two: what is painted by hand goes into what was painted meanwhile, where the lines are as they were.
        $hand = $paint('stitches', 'cells', $cells(8))->apply(Plans::of($saw));
        self::assertCount(1, $seen->made($paint('stitches', 'cells', $cells(9)), $hand)->pieces[0]->colours);
        $this->expectExceptionObject(EditRefused::because('edit.gone'));
        Seen::now()->ofLines('body', ['24 sc in MR', 'sc around'])->made($paint('paint', 'rounds', [2]), Plans::of(['24 sc in MR']));
    }
}
