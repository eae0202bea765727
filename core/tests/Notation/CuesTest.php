<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\FollowCue;
use Alternum\Core\Making\CueOffer;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\Step\SewOn;
use Alternum\Core\Notation\CueKind;
use Alternum\Core\Notation\LineCue;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\YarnStretch;
use Alternum\Core\Plan\Closing;
use Alternum\Core\Plan\PlacementKind;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\WrittenSteps;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What words say to do or to mind is kept at its place, shown while making, and offered where the plan can act on it. */
final class CuesTest extends TestCase
{
    /** @param list<string> $cues of the third round */
    #[TestWith(['R3: sc around (12). Stuff now.', ['Stuff now']])]
    #[TestWith(['R3: sc around (12), turn right side out', ['turn right side out']])]
    #[TestWith(['R3: sc around (this is the nose) (12)', ['this is the nose']])]
    #[TestWith(['R3: 6 sc (place marker here), 6 sc (12)', ['place marker here']])]
    #[TestWith(['R3: sc around (12). Fasten off, leaving a tail of 40 cm.', ['Fasten off, leaving a tail of 40 cm']])]
    #[TestWith(['R3: begin stuffing, sc around', ['begin stuffing']])]
    #[TestWith(['R3: sc around (12) // the brim', ['the brim']])]
    #[TestWith(['R3: sc around. Eyes between rounds 1 and 2, 4 stitches apart.', ['Eyes between rounds 1 and 2, 4 stitches apart']])]
    public function testACueStaysAtItsRound(string $line, array $cues): void
    {
        $reading = Reader::read(['6 sc in MR', 'inc x6', $line], Terms::Us);
        self::assertSame([], $reading->problems);
        self::assertSame([[], [], $cues], [$reading->cuesOf(1), $reading->cuesOf(2), $reading->cuesOf(3)]);
        self::assertSame(12, $reading->rounds[2]->makes);
    }

    public function testALineOfItsOwnIsSaidAfterTheRoundBeforeIt(): void
    {
        $reading = Reader::read(
            ['Leave a tail of 20 cm.', '6 sc in MR', 'inc x6', 'Place the eyes between rounds 1 and 2.', 'sc around', 'Sew to the body.', 'Materials: yarn'],
            Terms::Us,
        );
        self::assertSame([], $reading->problems);
        self::assertSame(
            [['Leave a tail of 20 cm'], ['Place the eyes between rounds 1 and 2'], ['Sew to the body']],
            array_map($reading->cuesOf(...), [1, 2, 3]),
        );
        self::assertSame(
            [CueKind::Tail, CueKind::Eyes, CueKind::Sew, CueKind::Note],
            array_map(static fn (LineCue $said): CueKind => $said->kind, $reading->said),
        );
    }

    /** "With black thread" is what a mouth is embroidered in; no round is worked in it. */
    public function testTheYarnOfACueColoursNoRound(): void
    {
        $reading = Reader::read(['6 sc in MR', 'With black thread, embroider a mouth.', 'inc x6', 'R3: With B, continue.'], Terms::Us);
        self::assertEquals([[new YarnStretch(null, 6)], [new YarnStretch(null, 12)], [new YarnStretch('B', 12)]], $reading->yarns());
        self::assertSame(['With black thread, embroider a mouth'], $reading->cuesOf(1));
    }

    public function testIsShownWhileMaking(): void
    {
        $plan = Plans::of(['R1: 6 sc in MR', 'R2: inc x6', 'R3-4: sc around', 'Stuff lightly.', 'R5: sc around']);
        self::assertSame([4 => ['Stuff lightly']], WrittenSteps::told($plan, 'stuff'));
    }

    /** @return list<string> */
    private static function offered(Plan $plan): array
    {
        return array_map(
            static fn (CueOffer $offer): string => MessageWords::says($offer->label),
            Analysis::of($plan)->pieces[0]->offers($plan),
        );
    }

    public function testWhatCanBeActedOnIsOfferedUntilItIsDone(): void
    {
        $plan = Plans::of([
            'R1: 6 sc in MR',
            'R2: inc x6',
            'R3-6: sc around',
            'Insert the eyes between rounds 4 and 5, 5 sts apart. Leave a 12-inch tail.',
            'Stuff.',
        ]);
        self::assertSame(
            ['Set the eyes between rounds 4 and 5, 5 stitches apart', 'Reckon with 12 in for each tail that sews a part on'],
            self::offered($plan),
        );
        $set = (new FollowCue('body', 4, 'Insert the eyes between rounds 4 and 5, 5 sts apart'))->apply($plan);
        self::assertSame(
            [[PlacementKind::Eyes, 4, 5.0]],
            array_map(static fn ($placed): array => [$placed->kind, $placed->place->number, $placed->place->apart], $set->pieces[0]->placements),
        );
        $both = (new FollowCue('body', 4, 'Leave a 12-inch tail'))->apply($set);
        // An inch is 25.4 mm: the international agreement of 1959.
        self::assertSame(30.5, $both->yarnUse->sewingTailCm);
        self::assertSame([], self::offered($both));
        $this->expectException(EditRefused::class);
        (new FollowCue('body', 5, 'Stuff'))->apply($both);
    }

    /** A part that is joined as one goes is marked where it is, if it is wanted, and not sewn on as well. */
    public function testAPartJoinedAsOneGoesIsMarkedThere(): void
    {
        $plan = Plans::of([], plan: ['pieces' => [
            Plans::piece('arm', ['R1: 5 sc in MR'], ['name' => 'Left arm']),
            Plans::piece(
                'body',
                ['R1: 6 sc in MR', 'R2: inc x6', 'R3: sc 3, join the arm with the next 3 sc, sc 6', 'R4: 6 sc, 3 sc through arm and body, 3 sc'],
            ),
        ]]);
        $offers = Analysis::of($plan)->pieces[1]->offers($plan);
        self::assertSame(
            ['Mark where the arm is joined: round 3, stitches 4 to 6', 'Mark where the arm is joined: round 4, stitches 7 to 9'],
            array_map(static fn (CueOffer $offer): string => MessageWords::says($offer->label), $offers),
        );
        $marked = (new FollowCue('body', 3, 'join the arm'))->apply($plan);
        $placed = $marked->pieces[1]->placements[0];
        self::assertSame([PlacementKind::Arms, 'Left arm', 3], [$placed->kind, $placed->name, $placed->place->number]);
        $frame = Analysis::of($marked)->pieces[1]->stages->frame;
        self::assertSame(5, $frame->stitch(3, $frame->along(3, $placed->place->fromFront)), 'The middle of stitches 4 to 6.');
        self::assertCount(1, Analysis::of($marked)->pieces[1]->offers($marked));
        $sewn = array_filter(Analysis::of($marked)->pieces[1]->steps(), static fn (Step $step): bool => $step instanceof SewOn);
        self::assertSame([], $sewn);
    }

    public function testEyesThatAreNotBetweenNeighboursAreNotOffered(): void
    {
        self::assertSame([], self::offered(Plans::of(['6 sc in MR', 'R2-6: sc around', 'Eyes between rounds 2 and 5.'])));
    }

    /** Where the slip stitch goes that closes joined rounds is offered once, and taken. */
    public function testTheWayRoundsAreClosedIsOffered(): void
    {
        $lines = [
            'R1: 6 sc in MR, join',
            'R2: ch 1, inc x6, sl st to the back loop of the first sc (12)',
            'R3: ch 1, sc around, join with sl st in back loop of first st (12)',
        ];
        $plan = Plans::of($lines);
        $plan = $plan->withPiece($plan->pieces[0]->withWorked(Worked::Joined));
        $steps = WrittenSteps::rounds($plan);
        self::assertStringContainsString('join with sl st in first st', $steps[0]['text']);
        self::assertStringContainsString('sl st to back loop of first st', $steps[1]['text']);
        $offers = Analysis::of($plan)->pieces[0]->offers($plan);
        self::assertSame(
            [[2, 'sl st to back loop of first st', 'Close all rounds in the back loop of the first stitch']],
            array_map(static fn (CueOffer $offer): array => [$offer->line, $offer->text, MessageWords::says($offer->label)], $offers),
        );
        $heeded = (new FollowCue('body', 2, $offers[0]->text))->apply($plan);
        self::assertSame(Closing::BackLoop, $heeded->pieces[0]->closing);
        self::assertSame([], Analysis::of($heeded)->pieces[0]->offers($heeded));
        self::assertSame(
            [],
            Analysis::of(Plans::of($lines))->pieces[0]->offers(Plans::of($lines)),
            'A spiral is not closed.',
        );
    }
}
