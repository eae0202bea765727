<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\Step\TypedWords;
use Alternum\Core\Making\Step\WorkRounds;
use Alternum\Core\Making\StepKind;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Finish\PieceEnd;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\RandomPlans;
use Alternum\Core\Tests\WrittenSteps;
use PHPUnit\Framework\TestCase;

/** What holds for the steps of any piece: of the demo plans, and of many made by chance, from one seed. */
final class EveryStepTest extends TestCase
{
    private const TRIES = 2000;
    /** What closes or narrows the opening ends all that needs it. */
    private const INSIDE = [StepKind::Eyes, StepKind::Thread, StepKind::Stuff];

    /** @return iterable<Plan> */
    private static function plans(): iterable
    {
        foreach (Plans::demoFiles() as $file) {
            yield PlanReader::json((string) file_get_contents($file));
        }
        mt_srand(13);
        for ($i = 0; $i < self::TRIES / 100; ++$i) {
            yield from RandomPlans::some(100, [
                'finish' => ['end' => PieceEnd::cases()[$i % 7]->value, 'turned' => $i % 3, 'stuffing' => ['goes' => 1 + $i % 5]],
                'placements' => [
                    ['kind' => 'eyes', 'anchor' => 'round', 'number' => 1 + $i % 9, 'apart' => 2],
                    ['kind' => 'ears', 'anchor' => 'round', 'number' => 2],
                ],
            ]);
        }
    }

    /** The plans are walked once, as that takes longest by far; what is asked of each piece stands below. */
    public function testWhatHoldsForAnyPiece(): void
    {
        $i = 0;
        foreach (self::plans() as $plan) {
            ++$i;
            foreach (Analysis::of($plan)->pieces as $piece) {
                self::everyRoundIsWorkedOnceAndNothingComesTooLate($piece);
                self::everyYarnThatIsTakenUpWasThere($piece);
                self::theStepsReplayedAreThePlan($plan, $piece);
                if (null === $piece->piece->start && 0 === $i % 10) {
                    self::assertReadsBack($plan, $piece);
                }
            }
        }
    }

    private static function everyRoundIsWorkedOnceAndNothingComesTooLate(PieceAnalysis $piece): void
    {
        $next = 1;
        $isClosed = false;
        foreach ($piece->steps() as $step) {
            if ($step instanceof WorkRounds) {
                self::assertFalse($isClosed, 'Nothing is crocheted on what is closed.');
                self::assertSame($next, $step->at->from, 'Every round is worked once.');
                $next = $step->at->to + 1;
            }
            self::assertFalse($isClosed && \in_array($step->kind(), self::INSIDE, true), "{$step->kind()->value} comes after the closing.");
            self::assertTrue(
                $step->leads() ? $step->at->to >= $next && $step->at->from <= $next + 1 || $step->at->from >= $next : $step->at->to < $next,
                'It is told where its round is worked: what is done within it before, all else after it.',
            );
            $isClosed = $isClosed || StepKind::Close === $step->kind();
            self::inReach($piece, $step);
        }
        self::assertSame(\count($piece->stages->reading->rounds) + 1, $next, 'All rounds are worked.');
    }

    private static function inReach(PieceAnalysis $piece, Step $step): void
    {
        if (StepKind::Eyes === $step->kind() && !$step instanceof TypedWords) {
            $deadline = $piece->stages->form->openings->deadline($step->at->to - 1);
            self::assertTrue(null === $deadline || $step->at->to <= $deadline, "Eyes after round {$step->at->to}, where fingers fit up to {$deadline}.");
        }
    }

    /** A yarn that is taken up hangs there, and one that is joined does not. */
    private static function everyYarnThatIsTakenUpWasThere(PieceAnalysis $piece): void
    {
        $letters = $piece->stages->colouring->rounds[0] ?? '';
        $there = '' === $letters ? [] : [$letters[0] => true];
        foreach ($piece->changes->all as $change) {
            self::assertArrayHasKey($change->yarns->from, $there);
            self::assertSame(null !== $change->yarns->takenFrom, isset($there[$change->yarns->to]), "{$change->yarns->to} after round {$change->place->round}");
            if (OldYarn::Cut === $change->yarns->old) {
                unset($there[$change->yarns->from]);
            }
            $there[$change->yarns->to] = true;
        }
    }

    /** Read back as typed lines, the rounds of the steps are the plan's stitches in the plan's yarns; so are their groups. */
    private static function theStepsReplayedAreThePlan(Plan $plan, PieceAnalysis $piece): void
    {
        foreach ($piece->piece->copies->groups() as $group) {
            $letters = array_map(static fn (string $round): string => strtr($round, $group->yarns), $piece->stages->colouring->rounds);
            foreach (WrittenSteps::only(StepsWriter::steps($plan, $piece, $group, Terms::Us), 'round') as $step) {
                self::assertSame($piece->stages->reading->rounds[$step['from'] - 1]->makes, $step['makes']);
                self::assertSame(
                    array_values(array_unique(str_split($letters[$step['from'] - 1]))),
                    array_values(array_unique(str_split(implode('', array_column($step['groups'], 'yarn'))))),
                );
            }
        }
    }

    private static function assertReadsBack(Plan $plan, PieceAnalysis $piece): void
    {
        $steps = StepsWriter::values($plan, $piece, Terms::Us)['steps'];
        $lines = array_column(WrittenSteps::only($steps, 'round'), 'text');
        $again = Analysis::of($plan->withPieces([$piece->piece->withRounds($lines)->withColours([])->withPlacements([])]))->pieces[0];
        self::assertSame($piece->stages->colouring->rounds, $again->stages->colouring->rounds, implode("\n", $lines));
    }
}
