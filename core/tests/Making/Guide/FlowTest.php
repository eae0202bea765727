<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making\Guide;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\GuidedToyWriter;
use Alternum\Core\Exchange\GuideWriter;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Making\Guide\Flow;
use Alternum\Core\Making\Guide\Guide;
use Alternum\Core\Making\Guide\GuidedRound;
use Alternum\Core\Making\Step\UntilItFits;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FlowTest extends TestCase
{
    private const EYES = ['kind' => 'eyes', 'anchor' => 'round', 'number' => 6, 'apart' => 5];

    /** @return iterable<string, array{string}> */
    public static function demos(): iterable
    {
        foreach (Plans::demoFiles() as $file) {
            yield basename($file) => [$file];
        }
    }

    public function testABallIsATapARoundAndAnAnswerForWhatCannotBeUndone(): void
    {
        $stops = self::stops(Plans::of(Plans::ball(5), [], ['placements' => [self::EYES]]));
        self::assertSame([
            'round 1 to 6', 'round 2 to 12', 'round 3 to 18', 'round 4 to 24', 'round 5 to 30', 'round 6 to 30', 'round 7 to 30', 'eyes',
            'round 8 to 30', 'round 9 to 30', 'round 10 to 30', 'round 11 to 30', 'round 12 to 24', 'stuff', 'round 13 to 18', 'round 14 to 12', 'stuff',
            'round 15 to 6', 'fasten-off', 'close',
        ], $stops);
    }

    public function testARoundInSeveralYarnsIsATapAStretch(): void
    {
        $stops = self::stops(Plans::of(
            ['6 sc in MR', 'inc x6', 'R3-5: sc around'],
            [['kind' => 'fill', 'yarn' => 'A'], ['kind' => 'run', 'round' => 4, 'from' => 3, 'to' => 5, 'yarn' => 'B']],
        ));
        self::assertSame(['round 4 to 2', 'round 4 to 5', 'round 4 to 12'], \array_slice($stops, 3, 3));
    }

    /** Four rounds of 12 alike are counted on from the first of them: 12, 24, 36, 48. */
    public function testRoundsAlikeAreCountedOn(): void
    {
        $guide = self::guide(Plans::of(['6 sc in MR', 'inc x6', 'R3-6: sc around']));
        self::assertSame([6, 12, 12, 24, 36, 48], array_map(static fn (GuidedRound $round): int => $round->total(), array_values($guide->rounds)));
    }

    /** How long rounds go on is said before the first of them, and each of them can be the last. */
    public function testWhatGoesOnUntilItFitsIsToldBeforeItsRounds(): void
    {
        $plan = Plans::of(['6 sc in MR', 'inc x6', 'R3-8: sc around, about 6 rounds; stop when it reaches round 4 of the body. Stuff lightly.', 'dec x6']);
        $told = [];
        foreach (self::guide($plan)->stops as $stop) {
            foreach ($stop->told as $one) {
                if ($one->step instanceof UntilItFits) {
                    $told[$one->step->key()] = [$stop->round, $one->at];
                }
            }
        }
        self::assertSame(['until-it-fits.2' => [3, 0]], $told);
        $guide = GuideWriter::piece($plan, Analysis::of($plan)->pieces[0]);
        self::assertIsArray($guide['rounds']);
        self::assertSame([null, null, ...array_fill(0, 6, [3, 8]), null], array_map(
            static fn (mixed $round): mixed => \is_array($round) ? $round['fits'] ?? null : null,
            $guide['rounds'],
        ));
    }

    /** A change is made with the last stitch of the old yarn: it is told before that stretch is worked, not after it. */
    public function testAChangeIsToldBeforeItsStitch(): void
    {
        $plan = Plans::of(
            ['6 sc in MR', 'inc x6', 'R3-6: sc around'],
            [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(4, 5, [['B', 2]])],
        );
        $told = [];
        foreach (self::guide($plan)->stops as $stop) {
            foreach ($stop->told as $one) {
                if (StepKind::Change === $one->step->kind()) {
                    $told[] = [$stop->round, $one->at];
                }
            }
        }
        self::assertSame([[3, 12], [5, 12]], $told);
    }

    /** Eyes can be set while fingers get in; stuffing goes in until the piece is closed. */
    public function testWhatIsPutOffHasALastMoment(): void
    {
        $guide = self::guide(Plans::of(Plans::ball(5), [], ['placements' => [self::EYES]]));
        $kinds = array_map(static fn ($stop): ?StepKind => $stop->step?->kind(), $guide->stops);
        $eyes = (int) array_search(StepKind::Eyes, $kinds, true);
        $deadline = Analysis::of(Plans::of(Plans::ball(5)))->pieces[0]->form->openings->deadline(6);
        $until = $guide->stops[$guide->stops[$eyes]->until ?? 0];
        self::assertSame([(int) $deadline + 1, 0], [$until->round, $until->from]);
        $stuff = (int) array_search(StepKind::Stuff, $kinds, true);
        self::assertSame(array_search(StepKind::Close, $kinds, true), $guide->stops[$stuff]->until);
    }

    #[DataProvider('demos')]
    public function testEachStitchIsWorkedOnceAndEachStepIsThereOnce(string $file): void
    {
        $plan = PlanReader::json((string) file_get_contents($file));
        foreach (Analysis::of($plan)->pieces as $piece) {
            $made = [];
            $told = [];
            foreach (Flow::of($piece->site())->stops as $stop) {
                if (null !== $stop->group) {
                    self::assertSame($made[$stop->round] ?? 0, $stop->from, "{$piece->piece->key} round {$stop->round}");
                    self::assertGreaterThan($stop->from, $stop->to);
                    $made[$stop->round] = $stop->to;
                }
                foreach ([...array_column($stop->told, 'step'), ...null === $stop->step ? [] : [$stop->step]] as $step) {
                    $told[] = $step->key();
                }
            }
            self::assertSame($piece->stages->fabric->counts(), array_values($made), $piece->piece->key);
            $steps = StepsWriter::steps($plan, $piece, $piece->piece->copies->groups()[0], Terms::Us);
            $keys = array_column(array_filter($steps, static fn (array $step): bool => 'round' !== $step['kind']), 'key');
            // What has no words of its own is told nowhere.
            self::assertSame([], array_diff($keys, $told), $piece->piece->key);
            self::assertSame($told, array_values(array_unique($told)), $piece->piece->key);
        }
    }

    /** It is kept on a phone: a whole toy of 2,000 stitches in five pieces in at most 100 kB (5 × 6,000 + 2,000 × 35), smaller ones in proportion. */
    #[DataProvider('demos')]
    public function testAToyIsCompact(string $file): void
    {
        $plan = PlanReader::json((string) file_get_contents($file));
        $bytes = $most = 0;
        foreach (Analysis::of($plan)->pieces as $piece) {
            $bytes += \strlen((string) json_encode(GuideWriter::piece($plan, $piece)));
            $most += 6_000 + 35 * $piece->stages->reading->stitches();
        }
        self::assertLessThan($most, $bytes);
    }

    /** Three rounds alike are a length that may be made longer; two are none, nor are rounds that the round between them parts. */
    public function testRoundsAlikeAreALengthFromThreeOn(): void
    {
        $plan = Plans::of(['6 sc in MR', 'inc x6', 'R3-4: sc around', '[3 sc, inc] x3', 'R6-8: sc around', 'dec x7, sc']);
        $guide = GuideWriter::piece($plan, Analysis::of($plan)->pieces[0]);
        self::assertIsArray($guide['rounds']);
        $alike = array_map(static fn (mixed $round): mixed => \is_array($round) ? $round['alike'] ?? null : null, $guide['rounds']);
        self::assertSame([null, null, null, null, null, [6, 8], [6, 8], [6, 8], null], $alike);
    }

    /** A large piece comes in several answers, which together are the whole: 400 rounds of 150 stitches, the largest legal piece. */
    public function testALargePieceComesInParts(): void
    {
        $plan = Plans::of(['150 sc in MR', 'R2-400: sc around'], [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(2, 400, [['B', 1], ['A', 1]])]);
        $piece = Analysis::of($plan)->pieces[0];
        $whole = GuideWriter::piece($plan, $piece);
        $rounds = $stops = [];
        $after = 0;
        do {
            $part = GuideWriter::piece($plan, $piece, 0, $after, GuideWriter::MOST);
            self::assertLessThan(1.5 * GuideWriter::MOST, \strlen((string) json_encode($part)));
            array_push($rounds, ...(array) $part['rounds']);
            array_push($stops, ...(array) $part['stops']);
            $after = $part['next'];
        } while (\is_int($after));
        self::assertSame($whole['rounds'], $rounds);
        self::assertSame($whole['stops'], $stops);
        self::assertNull($whole['next']);
    }

    public function testEachCopyIsATaskInItsOwnYarns(): void
    {
        $plan = Plans::of(['6 sc in MR', 'R2-4: sc around'], [], ['name' => 'Ear', 'copies' => [
            ['name' => 'Left ear', 'yarns' => []], ['name' => 'Right ear', 'yarns' => ['A' => 'B']], ['name' => 'Third ear', 'yarns' => []],
        ]]);
        $tasks = GuidedToyWriter::values(Analysis::of($plan))['tasks'];
        self::assertIsArray($tasks);
        self::assertSame(['Left ear', 'Right ear', 'Third ear'], array_column($tasks, 'name'));
        self::assertSame([0, 1, 0], array_column($tasks, 'group'));
        $guide = (string) json_encode(GuideWriter::piece($plan, Analysis::of($plan)->pieces[0], 1));
        self::assertStringContainsString('"groups":[{"yarn":"B"', $guide);
        self::assertStringNotContainsString('"yarn":"A"', $guide);
    }

    private static function guide(Plan $plan): Guide
    {
        return Flow::of(Analysis::of($plan)->pieces[0]->site());
    }

    /** @return list<string> */
    private static function stops(Plan $plan): array
    {
        $stops = [];
        foreach (self::guide($plan)->stops as $stop) {
            $stops[] = null === $stop->group ? $stop->step?->kind()->value ?? 'told' : "round {$stop->round} to {$stop->to}";
        }

        return $stops;
    }
}
