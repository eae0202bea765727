<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Change;

use Alternum\Core\Analysis;
use Alternum\Core\Change\Ways;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\WrittenSteps;
use Alternum\Core\Words\PlacingWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every method of change, on a tube of 40 whose rounds 5 to 7 are of another yarn. What each does: common practice, no source. */
final class WaysTest extends TestCase
{
    private const TUBE = ['40 sc in MR', 'R2-12: sc around'];

    /**
     * @param array<string, mixed> $changes
     * @param array<string, mixed> $piece
     */
    private static function plan(array $changes, array $piece = []): Plan
    {
        $colours = [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(5, 7, [['B', 3]])];

        return Plans::of(self::TUBE, $colours, ['lean' => 0.5, 'changes' => $changes + ['method' => 'plain']] + $piece);
    }

    private static function piece(Plan $plan): PieceAnalysis
    {
        return Analysis::of($plan)->pieces[0];
    }

    /** @return iterable<string, array{Method}> */
    public static function methods(): iterable
    {
        foreach (Method::choices() as $method) {
            yield $method->value => [$method];
        }
    }

    #[DataProvider('methods')]
    public function testEachIsTakenForAPieceAndComesBackFromAFile(Method $method): void
    {
        $plan = self::plan(['method' => $method->value]);
        $piece = self::piece($plan);
        self::assertSame([$method, true], [$piece->changes->all[0]->treatment->method, $piece->changes->all[0]->treatment->isChosen]);
        self::assertSame(Ways::of($method)->step(), $piece->changes->all[0]->treatment->step);
        self::assertEquals($plan, PlanReader::json(PlanWriter::json($plan)));
        self::assertCount(2, $piece->changes->jogs(), 'A stitch more or less of a colour is still the same change.');
    }

    #[DataProvider('methods')]
    public function testEachIsWrittenOutSoThatTheStepsGiveThePlanBack(Method $method): void
    {
        $plan = self::plan(['method' => $method->value]);
        $text = implode("\n", array_map(
            static fn (array $step): string => $step['text'],
            WrittenSteps::rounds($plan),
        ));
        $again = Plans::of(explode("\n", $text));
        self::assertSame(
            array_map(count(...), array_map(str_split(...), self::piece($plan)->stages->colouring->rounds)),
            self::piece($again)->stages->frame->counts,
        );
        self::assertSame(self::piece($plan)->stages->colouring->rounds, self::piece($again)->stages->colouring->rounds, $text);
    }

    public function testAStitchEarlyWorksTheLastStitchInTheNewYarn(): void
    {
        $piece = self::piece(self::plan(['method' => 'early']));
        self::assertSame(str_repeat('A', 39).'B', $piece->stages->colouring->rounds[3]);
        self::assertSame(str_repeat('B', 39).'A', $piece->stages->colouring->rounds[6]);
        self::assertSame([4, 39, true], [$piece->changes->all[0]->place->round, $piece->changes->all[0]->place->stitch, $piece->changes->all[0]->place->isJog]);
    }

    /** The loop of the new yarn before the last stitch is no stitch of it: the yarns of the stitches are those of a plain change. */
    public function testAStitchEarlyAndBackKeepsTheStitchesYarns(): void
    {
        $plan = self::plan(['method' => 'early-back']);
        $piece = self::piece($plan);
        self::assertSame(self::piece(self::plan(['method' => 'plain']))->stages->colouring->rounds, $piece->stages->colouring->rounds);
        [$place, $treatment] = [$piece->changes->all[0]->place, $piece->changes->all[0]->treatment];
        self::assertSame([4, 40, 0.9], [$place->round, $place->stitch, $treatment->step]);
        self::assertStringStartsWith(
            'A stitch early and back: work the last sc but one in A (Chalk) to the last yarn over; finish with B (Brick).'
                .' Work the last stitch in A (Chalk) again to the last yarn over; finish with B.',
            Plans::changeWords($plan, $piece, Terms::Us)->toDo($piece->changes->all[0]),
        );
    }

    /**
     * One stitch more in the old yarn, then the loop through the next: the round’s start moves on by two of its 40 stitches, every round keeps its
     * count and its one yarn, and the old yarn takes one single crochet more than with the plain loop.
     */
    public function testALoopAStitchLaterMovesTheRoundsStart(): void
    {
        $piece = self::piece(self::plan(['method' => 'drawn-loop-after']));
        $plain = self::piece(self::plan(['method' => 'drawn-loop']));
        self::assertSame([str_repeat('A', 40), str_repeat('B', 40)], \array_slice($piece->stages->colouring->rounds, 3, 2));
        self::assertSame($plain->stages->frame->counts, $piece->stages->frame->counts);
        self::assertEqualsWithDelta(1 / 40, $plain->stages->treatments->moves[4], 1e-9);
        self::assertEqualsWithDelta(2 / 40, $piece->stages->treatments->moves[4], 1e-9);
        $worth = static fn (string $method): float => Analysis::of(self::plan(['at' => [['round' => 4, 'method' => $method]]]))->lengths[0]->worth['A'];
        self::assertEqualsWithDelta(1.0, $worth('drawn-loop-after') - $worth('drawn-loop'), 1e-9);
        $words = Plans::changeWords(self::plan([]), $piece, Terms::Us)->toDo($piece->changes->all[0]);
        self::assertStringStartsWith('Work one sc more in A (Chalk), to its last yarn over; finish with B (Brick). Drop the loop.', $words);
        self::assertStringContainsString('move the marker two stitches on.', $words);
    }

    /** By hand: two yarns, and two changes of which each is cut and begun anew: the tails of A at its beginning, cut, begun and end; of B two. */
    public function testAStandingStartCutsAndBeginsOnOneLine(): void
    {
        $plan = self::plan(['method' => 'standing-start']);
        $piece = self::piece($plan);
        foreach ($piece->changes->all as $change) {
            self::assertEqualsWithDelta(180.0, $change->place->fromFront, 1e-6, 'At the back, as nothing else is said.');
            self::assertSame(OldYarn::Cut, $change->yarns->old, 'Three rounds would be carried.');
        }
        self::assertEqualsWithDelta(0.0, $piece->stages->frame->degrees(5, 0.0), 1e-6, 'Round 5 begins opposite the front, which is at 180°.');
        // 2 n + 2 ends for n changes that cut: six of 15 cm.
        $amounts = Analysis::of($plan)->amounts->amounts;
        self::assertEqualsWithDelta(6 * 0.15, $amounts[0]->parts['tails'] + $amounts[1]->parts['tails'], 1e-9);
    }

    public function testAStandingStartWhereSheLikes(): void
    {
        $piece = self::piece(self::plan(['at' => [['round' => 4, 'method' => 'standing-start', 'begins' => 90]]]));
        self::assertEqualsWithDelta(270.0, $piece->stages->frame->degrees(5, 0.0), 1e-6, 'A quarter on from the front.');
        $words = Plans::changeWords(self::plan([]), $piece, Terms::Us)->toDo($piece->changes->all[0]);
        self::assertStringContainsString(
            'Attach B (Brick) with a standing sc into stitch 40, counted from the fastened-off one, 90° on from the front: round 5 begins there',
            $words,
        );
    }

    public function testACoverIsTiedToItsPart(): void
    {
        $at = [['round' => 4, 'method' => 'covered', 'by' => 'pompon']];
        $jog = self::piece(self::plan([]))->changes->all[0]->place->degrees;
        $button = static fn (float $fromFront): array => [
            'placements' => [['key' => 'pompon', 'kind' => 'other', 'anchor' => 'round', 'number' => 4, 'fromFront' => $fromFront]],
        ];
        $over = self::piece(self::plan(['at' => $at], $button($jog - 180)));
        self::assertSame([Method::Covered, 0.0], [$over->changes->all[0]->treatment->method, $over->changes->all[0]->treatment->step]);
        self::assertSame(['a part'], array_values(array_map(PlacingWords::it(...), $over->covers())));
        $steps = static fn (float $fromFront): string => WrittenPattern::text(Analysis::of(self::plan(['at' => $at], $button($fromFront))), Terms::Us);
        self::assertStringContainsString('Sew a part on over the jog.', $steps($jog - 180), 'The pattern says it, too.');
        self::assertStringContainsString('does not lie over it', $steps(0));
        $away = self::piece(self::plan(['at' => $at], $button(0)));
        self::assertSame([], $away->covers(), 'Moved away, it covers no more.');
        self::assertSame(Method::Plain, self::piece(self::plan(['at' => $at]))->changes->all[0]->treatment->method, 'There is no such part.');
    }

    public function testJoinedRoundsHaveAChoiceToo(): void
    {
        $method = static fn (string $chosen): Method => self::piece(
            self::plan(['method' => $chosen], ['worked' => 'joined']),
        )->changes->all[0]->treatment->method;
        self::assertSame(Method::Early, $method('early'));
        self::assertSame(Method::StandingStart, $method('standing-start'));
        foreach (['plain', 'slip-stitch', 'drawn-loop', 'drawn-loop-after', 'levelled', 'closed-round'] as $chosen) {
            self::assertSame(Method::ClosedRound, $method($chosen), "{$chosen}: they are closed already.");
        }
    }
}
