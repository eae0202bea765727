<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Toy;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Thread\ThreadKinds;
use Alternum\Core\Tests\ContractedPlan;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Toy\LaidThread;
use Alternum\Core\Words\MessageWords;
use Alternum\Core\Yarn\YarnPurpose;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is embroidered: where it lies, how long it is, what it takes. */
final class ThreadsTest extends TestCase
{
    /** A tube of 24 stitches, 5 mm wide and high each, that nothing is stuffed into. */
    private const TUBE = ['24 sc in MR', 'R2-20: sc around'];
    private const SQUARE = ['gauge' => ['stitchesPer10cm' => 20, 'roundsPer10cm' => 20]];

    /**
     * @param list<array<string, mixed>> $threads
     * @param array<string, mixed>       $piece
     * @param list<string>               $rounds
     */
    private static function plan(array $threads, array $piece = [], array $rounds = self::TUBE): Plan
    {
        $threads = array_map(
            static fn (array $one, int $i): array => $one + ['key' => 't'.($i + 1), 'yarn' => 'B', 'at' => ['anchor' => 'round', 'number' => 10]],
            $threads,
            array_keys($threads),
        );

        return Plans::of($rounds, [], $piece + ['thread' => $threads, 'finish' => ['stuffing' => ['firmness' => 'none'], 'end' => 'open']], self::SQUARE);
    }

    /**
     * @param array<string, mixed> $thread
     * @param array<string, mixed> $piece
     * @param list<string>         $rounds
     */
    private static function laid(array $thread, array $piece = [], array $rounds = self::TUBE): LaidThread
    {
        $laid = Analysis::of(self::plan([$thread], $piece, $rounds))->pieces[0]->threads->all[0] ?? null;
        self::assertNotNull($laid);

        return $laid;
    }

    /**
     * By hand, on the tube, where a stitch is 5 mm along and a round 5 mm up.
     *
     * Three bars over 4 stitches, half a round apart: 3 × 20 mm are seen; back and forth, inside it goes up 2 × 2.5 mm; two ends of 15 cm.
     *
     * A smile 6 stitches wide, drawn down 2 rounds: twice the long side of a triangle of 15 and 10 mm, as it lies on the tube unrolled.
     *
     * A line in backstitch 5 stitches long takes three times 25 mm.
     */
    public function testThreeSamplesByHand(): void
    {
        $bars = self::laid(['kind' => 'bars', 'count' => 3, 'width' => 4, 'step' => 0.5]);
        self::assertEqualsWithDelta([60.0, 5.0, 300.0], [$bars->seenMm, $bars->insideMm, $bars->endsMm], 0.6);
        self::assertEqualsWithDelta(365.0, $bars->mm(), 0.6);
        $smile = self::laid(['kind' => 'smile', 'width' => 6, 'drop' => 2]);
        self::assertEqualsWithDelta(2 * hypot(15, 10), $smile->seenMm, 0.01 * 2 * hypot(15, 10));
        self::assertSame(0.0, $smile->insideMm, 'It is one strand.');
        $line = self::laid(['kind' => 'backstitch', 'points' => [['stitches' => 0, 'up' => 0], ['stitches' => 5, 'up' => 0]]]);
        self::assertEqualsWithDelta(75.0, $line->seenMm, 0.75);
    }

    /** @return iterable<string, array{array<string, mixed>}> each kind, in figures of its own */
    public static function kinds(): iterable
    {
        yield 'smile' => [['kind' => 'smile', 'width' => 7, 'drop' => 1.5]];
        yield 'bars' => [['kind' => 'bars', 'count' => 4, 'width' => 2.5, 'step' => 0.5, 'rise' => 1]];
        yield 'lashes' => [['kind' => 'lashes', 'count' => 5, 'length' => 2, 'spread' => 120]];
        $points = [['stitches' => -3, 'up' => 0], ['stitches' => 0, 'up' => 3], ['stitches' => 4, 'up' => -2]];
        yield 'backstitch' => [['kind' => 'backstitch', 'points' => $points]];
        yield 'seeds' => [['kind' => 'seeds', 'around' => 7, 'rows' => 3, 'step' => 2, 'length' => 1, 'across' => 360, 'staggered' => true]];
        yield 'swirl' => [['kind' => 'swirl', 'turns' => 1.5, 'rounds' => 6, 'swing' => 1, 'waves' => 4]];
        yield 'surface' => [['kind' => 'surface', 'points' => [['stitches' => 0, 'up' => -4], ['stitches' => 2, 'up' => 4]]]];
        yield 'fringe' => [['kind' => 'fringe', 'count' => 6, 'across' => 5, 'lengthMm' => 40]];
    }

    public function testEveryKindIsTried(): void
    {
        // A strand ends on another piece: StrandTest.
        $kinds = array_map(static fn (string $class): string => $class::kind(), ThreadKinds::ALL);
        self::assertSame(array_values(array_diff($kinds, ['strand'])), array_keys(iterator_to_array(self::kinds())));
    }

    /**
     * Contract and reader take it, it comes back as it was, and on a stuffed ball what is seen of it is as long as a walk of a thousand points in space,
     * reckoned here anew from the outline.
     *
     * @param array<string, mixed> $kind
     */
    #[DataProvider('kinds')]
    public function testIsReadAndLiesOnTheFabric(array $kind): void
    {
        $rounds = Plans::ball(6);
        $plan = self::plan([$kind], ['finish' => []], $rounds);
        self::assertTrue(ContractedPlan::isValid($plan->values()));
        self::assertEquals($plan, PlanReader::values($plan->values()));
        $analysis = Analysis::of($plan)->pieces[0];
        self::assertSame([], $analysis->threads->problems);
        $laid = $analysis->threads->all[0];
        $outline = $analysis->form->outline;
        $point = static function (float $level, float $degrees) use ($outline): array {
            $i = min(\count($outline) - 2, (int) floor($level));
            $share = $level - $i;
            $radius = $outline[$i]->radius + $share * ($outline[$i + 1]->radius - $outline[$i]->radius);

            $height = $outline[$i]->level + $share * ($outline[$i + 1]->level - $outline[$i]->level);

            return [$radius * cos(deg2rad($degrees)), $radius * sin(deg2rad($degrees)), $height];
        };
        $takes = ['backstitch' => 3.0, 'surface' => 3.2, 'swirl' => 3.2][$laid->thread->kind::kind()] ?? 1.0;
        $walked = 0.0;
        foreach ($laid->strokes as [$from, $to]) {
            for ($step = 0; $step < 1000; ++$step) {
                $one = $point($from[0] + ($to[0] - $from[0]) * $step / 1000, $from[1] + ($to[1] - $from[1]) * $step / 1000);
                $next = $point($from[0] + ($to[0] - $from[0]) * ($step + 1) / 1000, $from[1] + ($to[1] - $from[1]) * ($step + 1) / 1000);
                $walked += $takes * sqrt(($one[0] - $next[0]) ** 2 + ($one[1] - $next[1]) ** 2 + ($one[2] - $next[2]) ** 2);
            }
        }
        // A fringe hangs: six strands of twice 4 cm and a knot of 12 mm each.
        $walked += 'fringe' === $kind['kind'] ? 6 * 92.0 : 0.0;
        self::assertEqualsWithDelta($walked, $laid->seenMm, 0.03 * $walked);
    }

    /** A pair is twice as much, passing inside from one to the other; the yarn needed says so under its own purpose, and the sums are exact. */
    public function testAPairTakesTwiceAndIsInTheSums(): void
    {
        $bar = ['kind' => 'bars', 'width' => 3];
        $at = static fn (?float $apart): array => ['at' => ['anchor' => 'round', 'number' => 10] + (null === $apart ? [] : ['apart' => $apart])];
        [$one, $two] = [self::laid($bar + $at(null)), self::laid($bar + $at(8.0))];
        self::assertEqualsWithDelta(2 * $one->seenMm, $two->seenMm, 0.01);
        self::assertGreaterThan(0.0, $two->insideMm);
        self::assertEqualsWithDelta($one->endsMm, $two->endsMm, 1e-9, 'One thread serves both.');
        $analysis = Analysis::of(self::plan([$bar + $at(8.0)], ['copies' => 3]));
        self::assertEqualsWithDelta(3 * $two->mm() / 1000, $analysis->amounts->amounts[1]->parts[YarnPurpose::Thread->value], 1e-9);
        $sum = 0.0;
        foreach ($analysis->ledger()->lengths() as $length) {
            $sum += 'B' === $length->yarn ? $length->mean : 0.0;
        }
        self::assertEqualsWithDelta($sum / 1000 * 1.1, $analysis->amounts->amounts[1]->metres(), 1e-9);
    }

    /** Laid before it is stuffed, a thread needs what the stuffing stretches the fabric by; done after, none. */
    public function testWhatIsLaidBeforeStuffingNeedsSlack(): void
    {
        $thread = ['kind' => 'smile', 'width' => 8, 'drop' => 1];
        $laid = self::laid($thread + ['open' => true], ['finish' => ['stuffing' => ['firmness' => 'firm']]], Plans::ball(6));
        self::assertGreaterThan(1.0, $laid->slackMm);
        self::assertLessThan(0.15 * $laid->seenMm, $laid->slackMm, 'Fabric gives by some tenth.');
        self::assertSame(0.0, self::laid($thread, ['finish' => ['stuffing' => ['firmness' => 'firm']]], Plans::ball(6))->slackMm);
    }

    /** It is told where its rounds are worked, or when the piece is done, with what to cut, where and how. */
    public function testItsStepSaysAllThatHandsNeed(): void
    {
        $steps = static function (Plan $plan): array {
            $piece = Analysis::of($plan)->pieces[0];

            return array_column(StepsWriter::values($plan, $piece, Terms::Us)['steps'], 'text');
        };
        $done = $steps(self::plan([['kind' => 'smile', 'width' => 6, 'name' => 'Mouth', 'strands' => 2]], ['finish' => []], Plans::ball(6)));
        self::assertSame(
            'Embroider a smile, 6 stitches wide, its middle drawn down 1 round (Mouth), in B (Brick), 2 strands held together: between'
            .' rounds 10 and 11, its middle after stitch 21 of round 10. Cut 34 cm. Come up at one end and go in at the other, leaving the'
            .' strand loose. Come up 1 round below the middle, over the strand and in again at the same place, and pull until it lies as a'
            .' V. Begin and end through the piece: leave 15 cm hanging at both ends, take each through the stuffing and out, and trim it',
            $done[\count($done) - 1],
        );
        $open = $steps(self::plan([['kind' => 'bars', 'width' => 4, 'open' => true]], ['finish' => []], Plans::ball(6)));
        $at = (int) array_key_first(array_filter($open, static fn (string $text): bool => str_starts_with($text, 'Embroider')));
        self::assertStringStartsWith('R7-11: ', $open[$at - 1], 'Once the round above is worked.');
        self::assertStringContainsString('Knot both ends inside', $open[$at]);
    }

    /** It goes by the eyes where it is said so: moving them takes it along. */
    public function testAMouthGoesWithTheEyes(): void
    {
        $round = static function (int $eyes): int {
            $plan = self::plan(
                [['kind' => 'smile', 'width' => 4, 'at' => ['anchor' => 'placement', 'of' => 'eyes', 'offset' => 2]]],
                ['placements' => [['key' => 'eyes', 'kind' => 'eyes', 'anchor' => 'round', 'number' => $eyes, 'apart' => 6]]],
            );

            return Analysis::of($plan)->pieces[0]->threads->all[0]->spot->round;
        };
        self::assertSame([9, 12], [$round(7), $round(10)]);
    }

    /** What would hang off the piece is told at its place, and the others stay. */
    public function testWhatLiesOutsideIsTold(): void
    {
        $plan = self::plan([
            ['kind' => 'smile', 'width' => 4, 'at' => ['anchor' => 'round', 'number' => 30]],
            ['kind' => 'swirl', 'rounds' => 40],
            ['kind' => 'bars', 'width' => 2],
        ]);
        $analysis = Analysis::of($plan);
        $told = array_column(array_filter($analysis->problems, static fn ($problem): bool => str_contains($problem->path ?? '', 'thread')), 'path');
        self::assertSame(['pieces[0].thread[0].at', 'pieces[0].thread[1].at'], array_values($told));
        self::assertCount(1, $analysis->pieces[0]->threads->all);
    }

    /**
     * What a hand cannot make of it is told, and drawn all the same. The place's round has 36 stitches; a line may wind, and a tassel hangs from one stitch.
     *
     * @param array<string, mixed> $thread
     */
    #[TestWith([['kind' => 'bars', 'width' => 36], null])]
    #[TestWith([['kind' => 'bars', 'width' => 40], 'Bars would reach over 40 stitches, and round 9 has 36.'])]
    #[TestWith([['kind' => 'fringe', 'count' => 4, 'across' => 50, 'lengthMm' => 20], 'Fringe would reach over 50 stitches, and round 9 has 36.'])]
    #[TestWith([['kind' => 'backstitch', 'points' => [['stitches' => 0, 'up' => 0], ['stitches' => 60, 'up' => 2]]], null])]
    #[TestWith([['kind' => 'swirl', 'turns' => 3, 'rounds' => 4], null])]
    #[TestWith([['kind' => 'fringe', 'count' => 12, 'across' => 3, 'lengthMm' => 20], null])]
    #[TestWith([['kind' => 'fringe', 'count' => 13, 'across' => 3, 'lengthMm' => 20], 'Fringe: 3.3 to a stitch of round 9 are more than there is room for.'])]
    #[TestWith([['kind' => 'fringe', 'count' => 40, 'across' => 0, 'lengthMm' => 20], null])]
    #[TestWith([['kind' => 'seeds', 'around' => 27, 'across' => 90], null])]
    #[TestWith([['kind' => 'seeds', 'around' => 28, 'across' => 90], 'Seeds: 3.1 to a stitch of round 9 are more than there is room for.'])]
    public function testWhatFindsNoRoomIsTold(array $thread, ?string $says): void
    {
        $analysis = Analysis::of(self::plan([$thread + ['at' => ['anchor' => 'round', 'number' => 9]]], [], Plans::ball(6)));
        self::assertSame(36, $analysis->pieces[0]->stages->frame->makes(9));
        self::assertSame(null === $says ? [] : [$says], array_map(static fn ($problem): string => MessageWords::says($problem->message), $analysis->problems));
        self::assertCount(1, $analysis->pieces[0]->threads->all);
    }
}
