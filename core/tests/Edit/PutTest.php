<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Exchange\Constants;
use Alternum\Core\Plan\Across;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Assembly\Joint;
use Alternum\Core\Plan\PlacementKind;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\ContractedPlan;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Toy\Hardware;
use PHPUnit\Framework\TestCase;

/** What is taken from the tray and put on a piece: where it is pressed, or where it usually goes. */
final class PutTest extends TestCase
{
    private static function plan(): Plan
    {
        return Plans::of([], [], [], ['pieces' => [
            Plans::piece('body', Plans::ball(6), ['name' => 'Body']),
            Plans::piece('ear', ['6 sc in MR', 'inc x6', 'R3-6: sc around'], ['name' => 'Ear', 'copies' => 2]),
            Plans::piece('leg', ['6 sc in MR', 'inc x6', 'R3-9: sc around'], ['name' => 'Leg', 'copies' => 4, 'finish' => ['end' => 'flat']]),
            Plans::piece('hat', ['6 sc in MR', 'inc x6', 'R3-9: sc around'], ['name' => 'Hat']),
            Plans::piece('bud', ['6 sc in MR', 'R2: inc x6', 'R3: sc around', 'R4: dec x6'], ['name' => 'Bud']),
            Plans::piece('empty', []),
        ]]);
    }

    /** @param array<string, mixed> $edit */
    private static function done(Plan $plan, array $edit): Plan
    {
        return EditKinds::read($edit, 'edit')->apply($plan);
    }

    /** Everything in the tray has a place on every piece that has rounds, lies on it, and is a plan that contract and reader take. */
    public function testAllThatIsInTheTrayHasAPlace(): void
    {
        $top = Plans::piece('top', Plans::ball(5), ['firstRound' => 'bottom']);
        $disc = Plans::piece('disc', ['6 sc in MR', 'inc x6', '(sc, inc) x6', '(2 sc, inc) x6']);
        $mat = Plans::piece('mat', ['R1: ch 13, 12 sc', 'R2-10: ch 1, turn, sc across'], ['worked' => 'rows']);
        $tiny = Plans::piece('tiny', ['6 sc in MR', 'R2-4: sc around']);
        $small = Plans::piece('small', ['6 sc in MR', 'inc x6']);
        foreach ([Plans::piece('ball', Plans::ball(6)), $top, $disc, $mat, $tiny, $small] as $piece) {
            $plan = Plans::of([], [], [], ['pieces' => [$piece]]);
            $tray = Constants::values($plan)['tray'];
            self::assertIsArray($tray);
            self::assertGreaterThan(20, \count($tray));
            foreach (array_filter(array_column($tray, 'what'), \is_string(...)) as $what) {
                if ('strand' === $what) {
                    // There is no other piece that it could end on.
                    self::assertSame('put.notJoined', self::refused(['what' => $what]));
                    continue;
                }
                $put = self::done($plan, ['do' => 'put', 'piece' => $plan->pieces[0]->key, 'what' => $what]);
                self::assertTrue(ContractedPlan::isValid($put->values()), $what);
                self::assertSame(1, \count($put->pieces[0]->placements) + \count($put->pieces[0]->threads));
                $told = array_filter(Analysis::of($put)->problems, static fn ($problem): bool => 1 === preg_match('/placements|thread/', $problem->path ?? ''));
                $codes = array_map(static fn ($problem): string => $problem->message->code, $told);
                // Into a piece of so few stitches no fingers get.
                $isTiny = \in_array($plan->pieces[0]->key, ['tiny', 'small'], true);
                self::assertSame([], $isTiny ? array_diff($codes, ['placing.tooNarrow']) : $codes, "{$plan->pieces[0]->key} {$what}");
            }
        }
    }

    /** A pair lands mirrored: as far out on both sides as it was pressed. One in the middle stays in the middle. */
    public function testAPairLandsMirrored(): void
    {
        $frame = Analysis::of(self::plan())->pieces[0]->stages->frame;
        $middle = (int) round($frame->along(9, 0.0)) + 1;
        $eyes = self::done(self::plan(), ['do' => 'put', 'piece' => 'body', 'what' => 'eyes', 'round' => 9, 'stitch' => $middle + 4])->pieces[0]->placements[0];
        self::assertSame([Anchor::Round, 9, 0.0], [$eyes->place->anchor, $eyes->place->number, $eyes->place->fromFront]);
        self::assertEqualsWithDelta(8.0, $eyes->place->apart, 1.0);
        $nose = self::done(self::plan(), ['do' => 'put', 'piece' => 'body', 'what' => 'nose', 'round' => 9, 'stitch' => $middle])->pieces[0]->placements[0];
        self::assertSame([null, 0.0, 0.0], [$nose->place->apart, $nose->place->stitches, $nose->place->fromFront]);
        $back = self::done(self::plan(), ['do' => 'put', 'piece' => 'body', 'what' => 'tail', 'round' => 9, 'stitch' => ($middle + 17) % 36 + 1])->pieces[0];
        self::assertSame(180.0, $back->placements[0]->place->fromFront);
    }

    /** A mouth goes with the eyes: it is counted from them, and moving them takes it along, in one edit. */
    public function testAFaceHangsTogether(): void
    {
        $plan = self::done(self::plan(), ['do' => 'put', 'piece' => 'body', 'what' => 'eyes', 'round' => 9, 'stitch' => 24]);
        foreach (['smile', 'cheeks', 'brows', 'lashes'] as $what) {
            $plan = self::done($plan, ['do' => 'put', 'piece' => 'body', 'what' => $what]);
        }
        $rounds = static fn (Plan $of): array => array_map(static fn ($laid): int => $laid->spot->round, Analysis::of($of)->pieces[0]->threads->all);
        $before = $rounds($plan);
        $moved = self::done($plan, ['do' => 'nudge', 'piece' => 'body', 'key' => 'p1', 'rounds' => 2]);
        self::assertSame(array_map(static fn (int $round): int => $round + 2, $before), $rounds($moved));
        // The ball's round 1 is its top: the mouth lies below the eyes, the brows above.
        self::assertGreaterThan(9, $before[0]);
        self::assertLessThan(9, $before[2]);
    }

    /** Two ears are put on at once, four legs two by two; then all are placed. How they are held is what is usual for how they end. */
    public function testPiecesArePutOnTwoByTwo(): void
    {
        $plan = self::done(self::plan(), ['do' => 'put', 'piece' => 'body', 'part' => 'ear']);
        $plan = self::done($plan, ['do' => 'put', 'piece' => 'body', 'part' => 'leg']);
        $plan = self::done($plan, ['do' => 'put', 'piece' => 'body', 'part' => 'leg', 'round' => 14, 'stitch' => 20]);
        $plan = self::done($plan, ['do' => 'put', 'piece' => 'body', 'part' => 'hat']);
        $plan = self::done($plan, ['do' => 'put', 'piece' => 'body', 'part' => 'bud']);
        self::assertSame([], Analysis::of($plan)->assembled->problems);
        self::assertSame(['body' => 1], Analysis::of($plan)->assembled->loose);
        self::assertSame(
            ['ear 1 2 open whip', 'leg 1 2 flat whip', 'leg 3 2 flat whip', 'hat 1 1 open slipped', 'bud 1 1 closed whip'],
            array_map(
                static fn (Joint $joint): string => "{$joint->part} {$joint->copy} {$joint->count()} {$joint->edge->value} ".$joint->hold::kind(),
                $plan->assembly,
            ),
        );
        $this->expectException(EditRefused::class);
        self::done($plan, ['do' => 'put', 'piece' => 'body', 'part' => 'ear']);
    }

    /** By a round and a stitch, both of a pair alike; a part as well. */
    public function testIsNudged(): void
    {
        $plan = self::done(self::done(self::plan(), ['do' => 'put', 'piece' => 'body', 'what' => 'eyes']), ['do' => 'put', 'piece' => 'body', 'part' => 'hat']);
        $was = $plan->pieces[0]->placements[0]->place;
        $is = self::done($plan, ['do' => 'nudge', 'piece' => 'body', 'key' => 'p1', 'rounds' => -1, 'stitches' => 1])->pieces[0]->placements[0]->place;
        self::assertSame([$was->number - 1, ($was->apart ?? 0.0) + 2], [$is->number, $is->apart]);
        $hat = self::done($plan, ['do' => 'nudge', 'key' => 'j1', 'rounds' => 2, 'stitches' => -1])->assembly[0]->place;
        self::assertSame([Anchor::Pole, 2, -1.0], [$hat->anchor, $hat->offset, $hat->stitches]);
    }

    /**
     * @param list<array<string, mixed>> $colours
     * @param list<array<string, mixed>> $placements
     */
    private static function striped(array $colours, array $placements = []): Plan
    {
        return Plans::of(Plans::ball(6), $colours, ['placements' => $placements]);
    }

    /** On a striped piece what is pressed is said by its stripe, and stays in it when the stripes before it grow; what is high is counted in rounds. */
    public function testIsSaidByItsStripe(): void
    {
        $stripes = static fn (int $rounds): array => [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(5, 12, [['B', $rounds], ['A', 2]])];
        $put = self::done(self::striped($stripes(2)), ['do' => 'put', 'piece' => 'body', 'what' => 'buttons', 'round' => 8, 'stitch' => 10])->pieces[0];
        $place = $put->placements[0]->place;
        self::assertSame([Anchor::Band, 3, 1], [$place->anchor, $place->number, $place->offset]);
        $high = self::done(self::striped($stripes(2)), ['do' => 'put', 'piece' => 'body', 'what' => 'buttons', 'round' => 15, 'stitch' => 10])->pieces[0];
        self::assertSame([Anchor::Round, 15], [$high->placements[0]->place->anchor, $high->placements[0]->place->number]);
        $more = self::striped($stripes(3), [['kind' => 'buttons'] + $place->values()]);
        self::assertSame(9, Analysis::of($more)->pieces[0]->placing->placed[0]->round);
    }

    /** What is pressed as far out as something else on the other side is its mirror image; one of an increase's own two stitches is on the increase. */
    public function testSnapsToItsMirrorImageAndToIncreases(): void
    {
        $frame = Analysis::of(self::plan())->pieces[0]->stages->frame;
        $middle = (int) round($frame->along(9, 0.0));
        $plan = self::done(self::plan(), ['do' => 'put', 'piece' => 'body', 'what' => 'buttons', 'round' => 9, 'stitch' => $middle + 6]);
        $plan = self::done($plan, ['do' => 'put', 'piece' => 'body', 'what' => 'beads', 'round' => 9, 'stitch' => $middle - 5]);
        self::assertEquals(Across::mirror('p1'), $plan->pieces[0]->placements[1]->place->across);
        // Round 4 is (2 sc, inc) × 6: its second increase is stitches 7 and 8.
        $on = self::done(self::plan(), ['do' => 'put', 'piece' => 'body', 'what' => 'buttons', 'round' => 4, 'stitch' => 7])->pieces[0]->placements[0];
        self::assertEquals([Across::increase(2), 0.0], [$on->place->across, $on->place->stitches]);
        $off = self::done(self::plan(), ['do' => 'put', 'piece' => 'body', 'what' => 'buttons', 'round' => 4, 'stitch' => 6])->pieces[0]->placements[0];
        self::assertEquals(Across::front(), $off->place->across);
    }

    /**
     * @param array<string, mixed> $of
     * @param float                $out stitches from the front's middle
     */
    private static function dragged(Plan $plan, array $of, int $round, float $out): Plan
    {
        $frame = Analysis::of($plan)->pieces[0]->stages->frame;
        $stitch = $frame->stitch($round, $frame->along($round, $out * 360.0 / $frame->makes($round)));

        return self::done($plan, $of + ['do' => 'nudge', 'round' => $round, 'stitch' => $stitch]);
    }

    /** What is dragged lands as what is pressed does: a pair stays a pair, a mouth stays with the eyes, and nothing is counted from what comes after it. */
    public function testIsDragged(): void
    {
        $plan = self::done(self::plan(), ['do' => 'put', 'piece' => 'body', 'what' => 'eyes', 'round' => 9, 'stitch' => 24]);
        $plan = self::done($plan, ['do' => 'put', 'piece' => 'body', 'what' => 'smile']);
        $plan = self::done($plan, ['do' => 'put', 'piece' => 'body', 'part' => 'ear']);
        $eyes = self::dragged($plan, ['piece' => 'body', 'key' => 'p1'], 8, 5.0)->pieces[0]->placements[0]->place;
        self::assertSame([Anchor::Round, 8, 0.0], [$eyes->anchor, $eyes->number, $eyes->stitches]);
        self::assertEqualsWithDelta(10.0, $eyes->apart, 1.0);
        $mouth = self::dragged($plan, ['piece' => 'body', 'key' => 't1'], 12, 0.0)->pieces[0]->threads[0]->place;
        self::assertSame([Anchor::Placement, 'p1', 3, 0.0], [$mouth->anchor, $mouth->of, $mouth->offset, $mouth->stitches]);
        $ears = self::dragged($plan, ['key' => 'j1'], 5, 4.0)->assembly[0];
        self::assertSame([Anchor::Round, 5, 2], [$ears->place->anchor, $ears->place->number, $ears->count()]);
        self::assertSame([], Analysis::of(self::dragged($plan, ['key' => 'j1'], 5, 4.0))->problems);
        $this->expectException(EditRefused::class);
        self::done($plan, ['do' => 'nudge', 'key' => 'j1', 'round' => 40, 'stitch' => 1]);
    }

    /** Two single things, the later the mirror of the earlier: dragging the earlier onto the later's mirror place counts from nothing that comes after it. */
    public function testNothingIsCountedFromWhatComesAfter(): void
    {
        $plan = self::striped([['kind' => 'fill', 'yarn' => 'A']], [
            ['key' => 'one', 'kind' => 'buttons', 'anchor' => 'round', 'number' => 9, 'stitches' => 2],
            ['key' => 'two', 'kind' => 'beads', 'anchor' => 'round', 'number' => 9, 'stitches' => -6],
        ]);
        $frame = Analysis::of($plan)->pieces[0]->stages->frame;
        $moved = self::done($plan, ['do' => 'nudge', 'piece' => 'body', 'key' => 'one', 'round' => 9, 'stitch' => $frame->stitch(9, $frame->along(9, 60.0))]);
        self::assertSame([], Analysis::of($moved)->problems);
        self::assertEquals(Across::front(), $moved->pieces[0]->placements[0]->place->across);
    }

    /** A part is turned on its seat, on and on. */
    public function testIsTurned(): void
    {
        $plan = self::done(self::plan(), ['do' => 'put', 'piece' => 'body', 'part' => 'ear']);
        foreach ([[15, 15.0], [-30, -15.0], [-165, 180.0], [15, -165.0]] as [$turn, $is]) {
            $plan = self::done($plan, ['do' => 'nudge', 'key' => 'j1', 'turn' => $turn]);
            self::assertSame($is, $plan->assembly[0]->turned);
        }
    }

    /** @param array<string, mixed> $edit */
    private static function refused(array $edit): string
    {
        try {
            self::done(self::plan(), $edit + ['do' => 'put', 'piece' => 'body']);
        } catch (EditRefused $no) {
            return $no->says->code;
        }

        return '';
    }

    public function testWhatCannotBePutIsRefused(): void
    {
        self::assertSame('edit.noRounds', self::refused(['piece' => 'empty', 'what' => 'eyes']));
        self::assertSame('edit.noPiece', self::refused(['piece' => 'gone', 'what' => 'eyes']));
        self::assertSame('edit.noPiece', self::refused(['part' => 'gone']));
        self::assertSame('joint.onItself', self::refused(['part' => 'body']));
        self::assertSame('put.noRound', self::refused(['what' => 'eyes', 'round' => 99, 'stitch' => 1]));
        self::assertSame('put.unknown', self::refused(['what' => 'wheels']));
        self::assertSame('value.gone', self::refused(['do' => 'nudge', 'key' => 'nothing', 'rounds' => 1]));
    }

    /** On what lies, eyes are near the end of its face, and the mouth nearer; it hangs level by the middle of its back. */
    public function testOnWhatLies(): void
    {
        foreach (['face' => [4, 2], 'tail' => [14, 16]] as $first => [$eyes, $mouth]) {
            $plan = Plans::of(Plans::ball(6), [], ['firstRound' => $first]);
            foreach (['eyes', 'smile', 'loop'] as $what) {
                $plan = self::done($plan, ['do' => 'put', 'piece' => 'body', 'what' => $what]);
            }
            $analysis = Analysis::of($plan)->pieces[0];
            self::assertSame([$eyes, 9], array_column($analysis->placing->placed, 'round'));
            self::assertEqualsWithDelta($mouth, $analysis->threads->all[0]->spot->round, 1.0);
            self::assertGreaterThan(abs($eyes - 9), abs($analysis->threads->all[0]->spot->round - 9));
        }
    }

    /** What is bought by size: eyes that suit a head of 17 cm around are from 6 to 9 mm, common practice, from memory. */
    public function testSizesThatSuit(): void
    {
        self::assertSame([6.0, 7.0, 8.0, 9.0], Hardware::sizes(PlacementKind::Eyes, 170.0));
        self::assertSame([], Hardware::sizes(PlacementKind::Ears, 170.0));
        self::assertSame([0, 1, -1, 0], array_map(static fn (?float $mm): int => Hardware::off($mm, PlacementKind::Eyes, 170.0), [8.0, 12.0, 4.0, null]));
    }

    /** Of a part that is made three times a pair goes on first, then the third by itself, then none is left. */
    public function testCopiesGoOnOneAfterAnother(): void
    {
        $plan = Plans::of([], [], [], ['pieces' => [
            Plans::piece('body', Plans::ball(6)), Plans::piece('leg', ['6 sc in MR', 'R2-5: sc around'], ['name' => 'Leg', 'copies' => 3]),
        ]]);
        $put = ['do' => 'put', 'piece' => 'body', 'part' => 'leg'];
        $plan = self::done($plan, $put);
        $plan = self::done($plan, $put);
        self::assertSame([[1, 2], [3, 1]], array_map(static fn (Joint $joint): array => [$joint->copy, $joint->count()], $plan->assembly));
        self::assertSame('A part put on', EditKinds::read($put, '')->inWords());
        self::assertSame('Eyes placed', EditKinds::read(['do' => 'put', 'piece' => 'body', 'what' => 'eyes'], '')->inWords());
        $this->expectExceptionObject(EditRefused::because('put.allPlaced', part: 'Leg'));
        self::done($plan, $put);
    }
}
