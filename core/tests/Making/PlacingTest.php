<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\Renumber;
use Alternum\Core\Edit\Resize;
use Alternum\Core\Edit\Retype;
use Alternum\Core\Exchange\ChangeWriter;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Fabric\Turn;
use Alternum\Core\Making\Placed;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\WrittenSteps;
use Alternum\Core\Words\MessageWords;
use Alternum\Core\Words\PieceWords;
use Alternum\Core\Words\PlacingWords;
use Alternum\Core\Words\SideWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PlacingTest extends TestCase
{
    private const BALL = [
        '6 sc in MR', 'inc x6', '(sc, inc) x6', '(2 sc, inc) x6', '(3 sc, inc) x6', 'R6-11: sc around', '(3 sc, dec) x6',
        '(2 sc, dec) x6', '(sc, dec) x6', 'dec x6',
    ];

    /**
     * @param list<array<string, mixed>> $placements
     * @param array<string, mixed>       $piece
     */
    private static function plan(array $placements, array $piece = []): Plan
    {
        return Plans::of(self::BALL, [Plans::stripes(8, 11, [['B', 4]])], ['placements' => $placements] + $piece);
    }

    /** @return list<Placed> */
    private static function placed(Plan $plan): array
    {
        $analysis = Analysis::of($plan);
        self::assertSame([], $analysis->problems);

        return $analysis->pieces[0]->placing->placed;
    }

    /**
     * By hand, on a ball whose rounds 5 to 11 are the widest, in stripes that change after rounds 7 and 11.
     *
     * @param array<string, mixed> $where
     */
    #[TestWith([['anchor' => 'round', 'number' => 9], 9])]
    #[TestWith([['anchor' => 'change', 'number' => 1, 'offset' => 2], 9])]
    #[TestWith([['anchor' => 'change', 'number' => 2, 'offset' => -1], 10])]
    #[TestWith([['anchor' => 'widest', 'offset' => 1], 12])]
    public function testIsSaidInManyWays(array $where, int $round): void
    {
        $placed = self::placed(self::plan([['kind' => 'eyes', 'apart' => 7] + $where]))[0];
        self::assertSame($round, $placed->round);
        self::assertStringContainsString("between rounds {$round} and ".($round + 1), PlacingWords::summary($placed));
    }

    /** Seven stitches apart at the front: 7 × 360/30 = 84° between them, 42° on either side; along the stuffed fabric 7/30 of the way around there. */
    public function testAPairLiesAboutTheFront(): void
    {
        $placed = self::placed(self::plan(
            [
                ['kind' => 'eyes', 'anchor' => 'round', 'number' => 9, 'apart' => 7],
                ['kind' => 'nose', 'anchor' => 'placement', 'number' => 1, 'offset' => 1],
                ['kind' => 'ears', 'anchor' => 'round', 'number' => 3, 'apart' => 6, 'fromFront' => 20],
            ],
            ['lean' => 0.4],
        ));
        self::assertEqualsWithDelta([42.0, 42.0], array_map(static fn (float $degrees): float => Turn::apart($degrees, 180.0), $placed[0]->degrees), 1e-6);
        self::assertEqualsWithDelta(84.0, Turn::apart(...$placed[0]->degrees), 1e-6);
        self::assertGreaterThan(700 / 22, $placed[0]->apartMm);
        self::assertLessThan(1.1 * 700 / 22, $placed[0]->apartMm, 'It gives by some 7 % at the most.');
        self::assertSame(10, $placed[1]->round);
        self::assertEqualsWithDelta(180.0, $placed[1]->degrees[0], 1e-6);
        self::assertEqualsWithDelta([140.0, 260.0], $placed[2]->degrees, 1e-6);
    }

    public function testTellsWhatIsInTheWay(): void
    {
        $plan = self::plan([['kind' => 'eyes', 'anchor' => 'round', 'number' => 9, 'apart' => 7]]);
        $jog = Analysis::of($plan)->pieces[0]->changes->all[0]->place->degrees;
        $remarks = static fn (int $round, float $front): array => PlacingWords::remarks(self::placed(self::plan(
            [['kind' => 'eyes', 'anchor' => 'round', 'number' => $round]],
            ['front' => ['degrees' => $front]],
        ))[0], SideWords::of(false));
        self::assertStringContainsString('The jog after round 7 lies beside it', $remarks(7, round($jog))[0]);
        self::assertContains('It straddles two colours; move it one round.', $remarks(7, 90));
        self::assertSame(['Insert it once the round above is worked, and by round 13, while fingers still fit.'], $remarks(9, 90));
        self::assertSame(
            [],
            PlacingWords::remarks(self::placed(self::plan([['kind' => 'buttons', 'anchor' => 'round', 'number' => 14]]))[0], SideWords::of(false)),
            'A button is sewn on from outside.',
        );
        $button = self::plan([['kind' => 'buttons', 'anchor' => 'round', 'number' => 7]], ['front' => ['degrees' => round($jog)]]);
        self::assertSame(['It hides the jog after round 7.'], PlacingWords::remarks(self::placed($button)[0], SideWords::of(false)));
        $piece = Analysis::of($button)->pieces[0];
        $change = ChangeWriter::of($button, $piece)->values($piece->changes->all[0]);
        self::assertFalse($change['shows'], 'What is sewn on over a jog hides it.');
        self::assertSame('the buttons', $change['coveredBy']);
        $tail = self::plan([['kind' => 'tail', 'anchor' => 'round', 'number' => 14]]);
        self::assertSame([], PlacingWords::remarks(self::placed($tail)[0], SideWords::of(false)));
    }

    /** @param array<string, mixed> $placement */
    #[TestWith([['kind' => 'eyes', 'anchor' => 'round', 'number' => 40], 'after round 40, but the piece has rounds 1 to 15'])]
    #[TestWith([['kind' => 'eyes', 'anchor' => 'change', 'number' => 9], 'colour change 9, which the piece does not have'])]
    #[TestWith([['kind' => 'eyes', 'anchor' => 'placement', 'number' => 1], 'does not come before'])]
    #[TestWith([['kind' => 'ears', 'anchor' => 'round', 'number' => 1, 'apart' => 9], '9 stitches apart, but round 1 has 6'])]
    public function testSaysWhatCannotBePlaced(array $placement, string $message): void
    {
        $problem = Analysis::of(self::plan([$placement]))->problems[0];
        self::assertStringContainsString($message, MessageWords::says($problem->message));
        self::assertStringStartsWith('pieces[0].placements[0]', (string) $problem->path);
    }

    /** Eyes stay on their rounds where lines are put in, and at their share of the piece in another size. */
    public function testStaysRightWhenThePieceChanges(): void
    {
        $plan = self::plan([
            ['kind' => 'eyes', 'name' => 'Beads', 'anchor' => 'round', 'number' => 9, 'apart' => 6],
            ['kind' => 'arms', 'anchor' => 'change', 'number' => 1, 'apart' => 10],
        ]);
        self::assertEquals($plan, PlanReader::json(PlanWriter::json($plan)));
        $longer = (new Renumber('body'))->apply((new Retype(
            'body',
            [...\array_slice(self::BALL, 0, 5), 'hdc around', ...\array_slice(self::BALL, 5)],
        ))->apply($plan));
        self::assertSame([10, 8], array_map(static fn (Placed $placed): int => $placed->round, self::placed($longer)));
        $wider = (new Resize('body', 1, 0))->apply($plan);
        $eyes = self::placed($wider)[0];
        self::assertSame(7.0, $eyes->placement->place->apart, '6 × 36/30');
        $rounds = \count(Analysis::of($wider)->pieces[0]->stages->reading->rounds);
        self::assertEqualsWithDelta(9 / 15, $eyes->round / $rounds, 0.06);
    }

    /** The written steps say when to set what is placed: with the round above it. */
    public function testTheStepsSayWhen(): void
    {
        $plan = self::plan([['kind' => 'eyes', 'anchor' => 'round', 'number' => 9, 'apart' => 7]]);
        $told = WrittenSteps::told($plan, 'eyes');
        self::assertSame([10], array_keys($told));
        self::assertStringStartsWith('Set the eyes between rounds 9 and 10, after stitches ', $told[10][0]);
        self::assertStringContainsString('Note: set the eyes between rounds 9 and 10', WrittenPattern::text(Analysis::of($plan), Terms::Us));
    }

    /** By hand: stripes change at the marker, so a face about the front stays plain within a stripe, and is parted by a motif in it. */
    public function testWhatComesIntoTheFace(): void
    {
        $stripes = Plans::stripes(8, 11, [['B', 4]]);
        $remarks = static fn (array $face, float $front = 180): array => PieceWords::face(Analysis::of(Plans::of(
            self::BALL,
            [$stripes],
            ['face' => $face, 'front' => ['degrees' => $front]],
        ))->pieces[0]->face(), SideWords::of(false));
        $face = ['from' => 8, 'to' => 10, 'degrees' => 90];
        self::assertSame([], $remarks($face));
        $parted = Plans::of(self::BALL, [$stripes, ['kind' => 'motif', 'rows' => ['A', 'A'], 'round' => 9]], ['face' => $face]);
        $said = PieceWords::face(Analysis::of($parted)->pieces[0]->face(), SideWords::of(false));
        self::assertSame(['The colour changes within the face in rounds 9, 10.'], $said);
        $jog = Analysis::of(self::plan([]))->pieces[0]->changes->all[0]->place->degrees;
        self::assertStringContainsString('The jog after round 7 lies in the face.', implode(' ', $remarks($face, round($jog))));
        self::assertSame([], PieceWords::face(Analysis::of(self::plan([]))->pieces[0]->face(), SideWords::of(false)));
        $plan = self::plan([], ['face' => $face]);
        self::assertEquals($plan, PlanReader::json(PlanWriter::json($plan)));
        // Of six even rounds after the fifth it takes the third to the fifth; of nine, the fourth to the eighth.
        $longer = (new Resize('body', 0, 3))->apply($plan)->pieces[0]->face;
        self::assertSame([9, 13], [$longer?->from, $longer?->to]);
    }

    /** A drawn loop moves the marker one stitch on, so the same place is one stitch fewer from the round's beginning. */
    public function testCountsFromWhereTheRoundReallyBegins(): void
    {
        $eyes = [['kind' => 'eyes', 'anchor' => 'round', 'number' => 10, 'apart' => 6]];
        $plain = self::placed(self::plan($eyes, ['changes' => ['method' => 'plain']]))[0];
        $drawn = self::placed(self::plan($eyes, ['changes' => ['method' => 'drawn-loop']]))[0];
        self::assertEqualsWithDelta($plain->degrees, $drawn->degrees, 1e-6);
        self::assertEqualsWithDelta(array_map(static fn (float $after): float => $after - 1, $plain->after), $drawn->after, 1e-6);
    }

    /**
     * Rounds of 30 stitches, 22 to 10 cm: 4.55 mm each, and about a tenth more where it is stuffed: 2 stitches are 10 mm.
     *
     * @param list<array<string, mixed>> $placements
     */
    #[TestWith([[['kind' => 'eyes', 'mm' => 9, 'apart' => 2]], null])]
    #[TestWith([
        [['kind' => 'eyes', 'mm' => 12, 'apart' => 2]],
        'Eyes would lie on one another: there are 10 mm of fabric between their middles, and they need 12.',
    ])]
    #[TestWith([[['kind' => 'eyes', 'apart' => 1]], null])]
    #[TestWith([[['kind' => 'ears', 'apart' => 1]], null])]
    #[TestWith([[['kind' => 'eyes', 'mm' => 10, 'apart' => 4], ['kind' => 'nose', 'mm' => 8, 'number' => 10]], null])]
    #[TestWith([
        [['kind' => 'eyes', 'mm' => 10, 'apart' => 4], ['kind' => 'nose', 'mm' => 24, 'number' => 10]],
        'Eyes and Nose would lie on one another: there are 13 mm of fabric between their middles, and they need 17.',
    ])]
    #[TestWith([[['kind' => 'eyes', 'mm' => 10, 'apart' => 6], ['kind' => 'eyes', 'mm' => 10, 'apart' => 6, 'fromFront' => 180]], null])]
    public function testWhatWouldLieOnAnotherIsTold(array $placements, ?string $says): void
    {
        $at = ['anchor' => 'round', 'number' => 8];
        $placements = array_map(static fn (array $one, int $i): array => $one + $at + ['key' => "p{$i}"], $placements, array_keys($placements));
        $told = Analysis::of(self::plan($placements))->problems;
        self::assertSame(null === $says ? [] : [$says], array_map(static fn ($problem): string => MessageWords::says($problem->message), $told));
        self::assertSame([], array_filter($told, static fn ($problem): bool => $problem->isError()));
        self::assertSame(null === $says ? null : 'pieces[0].placements['.(\count($placements) - 1).'].mm', $told[0]->path ?? null);
    }
}
