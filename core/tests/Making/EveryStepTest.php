<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\Step\LayThreadDone;
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

    /** What may be told in the same words of several rounds. */
    private const AGAIN = ['round', 'change', 'stuff', 'check', 'note', 'start'];
    /** Words of no maker: a stitch or a round without a number, an empty place, a word without a blank. */
    private const NEVER = '/\b(stitch|round|row) 0\b|\.\.|[{}]| ,|\b1 (sts|rnds|rounds|stitches)\b/';
    private const STUFFS = '/(?<!not )\bstuff/i';
    /** Names that say what a piece is for, so that it is stuffed, sewn and closed as such a piece is. */
    private const NAMES = ['Body', 'Arm', 'Ear', 'Hat', 'Leaf', 'Lid', 'Leg'];
    /** Beside balls: cups, tubes from wide to too narrow to stuff, a disc, a neck, rows, an oval. */
    private const SHAPES = [
        [], ['worked' => 'joined'],
        ['rounds' => ['6 sc in MR', 'inc x6', '(sc, inc) x6', 'R4-14: sc around']],
        ['worked' => 'joined', 'rounds' => ['6 sc in MR', 'inc x6', '(sc, inc) x6', 'R4-9: sc around']],
        ['rounds' => ['6 sc in MR', 'R2-20: sc around']],
        ['rounds' => ['4 sc in MR', 'R2-10: sc around']],
        ['rounds' => ['9 sc in MR', 'R2-30: sc around']],
        ['rounds' => ['6 sc in MR', 'inc x6', '(sc, inc) x6', '(2 sc, inc) x6']],
        ['rounds' => ['6 sc in MR', 'inc x6', '(sc, inc) x6', 'R4-6: sc around', '(sc, dec) x6', 'inc x12', 'R9-11: sc around', 'dec x12', 'dec x6']],
        ['worked' => 'rows', 'rounds' => ['ch 13', 'sc in 2nd ch from hook and in each ch across, turn (12)', 'R3-12: ch 1, sc across, turn']],
        ['rounds' => ['ch 8, sc in 2nd ch from hook, 5 sc, 3 sc in last ch, 5 sc, inc (16)', 'R2-4: sc around']],
    ];

    /** @return iterable<Plan> */
    private static function plans(): iterable
    {
        foreach (Plans::demoFiles() as $file) {
            yield PlanReader::json((string) file_get_contents($file));
        }
        mt_srand(13);
        for ($i = 0; $i < self::TRIES / 50; ++$i) {
            yield from RandomPlans::some(50, self::SHAPES[$i % \count(self::SHAPES)] + [
                'name' => self::NAMES[$i % 7],
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
                if (0 === $i % 4) {
                    self::nothingIsToldTwice($plan, $piece);
                }
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
            // What is embroidered on a piece that is done has its ends taken through it.
            $isInside = \in_array($step->kind(), self::INSIDE, true) && !$step instanceof LayThreadDone;
            self::assertFalse($isClosed && $isInside, "{$step->kind()->value} comes after the closing.");
            self::assertTrue(
                $step->leads() ? $step->at->to >= $next && $step->at->from <= $next + 1 || $step->at->from >= $next : $step->at->to < $next,
                'It is told where its round is worked: what is done within it before, all else after it.',
            );
            $isClosed = $isClosed || StepKind::Close === $step->kind();
            self::inReach($piece, $step);
        }
        self::assertSame(\count($piece->stages->reading->rounds) + 1, $next, 'All rounds are worked.');
    }

    /** What is done once is told once; and the written pattern tells as much of it as the steps do. */
    private static function nothingIsToldTwice(Plan $plan, PieceAnalysis $piece): void
    {
        $told = [];
        foreach (StepsWriter::steps($plan, $piece, $piece->piece->copies->groups()[0], Terms::Us) as $step) {
            $told[$step['kind']][] = $step['text'];
        }
        self::assertCount([] === $piece->stages->reading->rounds ? 0 : 1, $told['fasten-off'] ?? []);
        self::assertLessThanOrEqual(1, \count($told['close'] ?? []));
        foreach (array_diff_key($told, array_flip(self::AGAIN)) as $kind => $texts) {
            self::assertSame(array_unique($texts), $texts, "A step of kind {$kind} is told twice.");
        }
        $said = implode("\n", array_merge(...array_values($told)));
        self::assertDoesNotMatchRegularExpression(self::NEVER, $said);
        $heading = strtoupper($piece->piece->name).' (';
        $pattern = explode("\n\n", (string) strstr(WrittenPattern::text(Analysis::of($plan), Terms::Us), $heading))[0];
        self::assertDoesNotMatchRegularExpression(self::NEVER, $pattern);
        // Yarns of a spiral are fastened off where they end, within its rounds.
        self::assertSame(\count($told['fasten-off'] ?? []), preg_match_all('/Fasten off(?! [A-Z], leaving)/', $pattern));
        self::assertSame(preg_match(self::STUFFS, $said), preg_match(self::STUFFS, $pattern), "{$said}\n\n{$pattern}");
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
