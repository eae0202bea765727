<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Change;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Place\Change;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\WrittenSteps;
use PHPUnit\Framework\TestCase;

/** Yarns of whole rounds that change on a line of fixed degrees instead of at the marker, which wanders. */
final class ChangeLineTest extends TestCase
{
    /**
     * @param array<string, mixed> $changes
     * @param list<array<mixed>>   $over    layers that lie over the stripes
     * @param array<string, mixed> $piece
     */
    private static function plan(array $changes, array $over = [], array $piece = []): Plan
    {
        return Plans::of(
            Plans::ball(7),
            [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(4, 18, [['B', 1], ['A', 2]]), ...$over],
            ['lean' => 0.35, 'changes' => $changes + ['method' => 'auto']] + $piece,
        );
    }

    /** @return list<Change> */
    private static function jogs(Plan $plan): array
    {
        return Analysis::of($plan)->pieces[0]->changes->jogs();
    }

    /** With a line at the back every step is within half a stitch of it; without, they wander as the Frame says. */
    public function testEveryStepLiesWithinHalfAStitchOfIt(): void
    {
        foreach ([180.0, -150.0, 120.0] as $fromFront) {
            $plan = self::plan(['line' => ['fromFront' => $fromFront]], piece: ['front' => ['degrees' => 37]]);
            $piece = Analysis::of($plan)->pieces[0];
            self::assertCount(10, $piece->changes->jogs());
            foreach ($piece->changes->jogs() as $jog) {
                $apart = abs(fmod($jog->place->degrees - 37 - $fromFront + 720 + 180, 360) - 180);
                self::assertLessThanOrEqual(180 / $piece->stages->frame->makes($jog->place->round) + 1e-6, $apart, "round {$jog->place->round}");
            }
        }
        $without = array_map(static fn (Change $jog): float => $jog->place->degrees, self::jogs(self::plan([])));
        self::assertGreaterThan(30, max([0, ...$without]) - min([360, ...$without]));
    }

    public function testTheMarkerAndTheCountsStay(): void
    {
        $with = Analysis::of(self::plan(['line' => ['fromFront' => 180]]))->pieces[0];
        $without = Analysis::of(self::plan(['method' => 'plain']))->pieces[0];
        self::assertSame($without->stages->frame->counts, $with->stages->frame->counts);
        for ($round = 1; $round <= 21; ++$round) {
            self::assertSame($without->stages->frame->start($round), $with->stages->frame->start($round));
        }
    }

    /** Each yarn goes on smoothly: from one step to the next it is one run. */
    public function testTheYarnsGoOnFromStepToStep(): void
    {
        $letters = implode('', Analysis::of(self::plan(['line' => ['fromFront' => 180]]))->pieces[0]->stages->colouring->rounds);
        self::assertSame(11, preg_match_all('/(.)\1*/', $letters));
    }

    public function testOneChangeCanKeepToTheMarker(): void
    {
        $jogs = self::jogs(self::plan(['line' => ['fromFront' => 180], 'at' => [['round' => 4, 'line' => false]]]));
        self::assertNull($jogs[1]->treatment->line);
        self::assertSame(180.0, $jogs[0]->treatment->line);
        $alone = self::jogs(self::plan(['at' => [['round' => 4, 'line' => true]]]));
        self::assertSame([null, 180.0], [$alone[0]->treatment->line, $alone[1]->treatment->line]);
    }

    public function testWhatLiesOverTheStripesStays(): void
    {
        $patch = [['kind' => 'motif', 'rows' => ['BBBBBBBBB', 'BBBBBBBBB', 'BBBBBBBBB'], 'round' => 9, 'fromFront' => 180]];
        $piece = Analysis::of(self::plan(['line' => ['fromFront' => 180]], $patch))->pieces[0];
        foreach ([9, 10, 11] as $round) {
            $frame = $piece->stages->frame;
            for ($i = -4; $i <= 4; ++$i) {
                $stitch = $frame->stitch($round, $frame->along($round, 180.0) + $i);
                self::assertSame('B', $piece->stages->colouring->rounds[$round - 1][$stitch - 1], "round {$round}, stitch {$stitch}");
            }
        }
    }

    public function testTheStepsSayAtWhichStitch(): void
    {
        $plan = self::plan(['line' => ['fromFront' => 180]]);
        $piece = Analysis::of($plan)->pieces[0];
        $jog = $piece->changes->jogs()[2];
        $isThere = static fn (array $one): bool => $one['from'] <= $jog->place->round && $jog->place->round <= $one['to'];
        $round = array_values(array_filter(WrittenSteps::rounds($plan), $isThere))[0];
        self::assertMatchesRegularExpression('/with .*: /', $round['text']);
        self::assertCount(2, $round['groups'], 'Up to the line in one yarn, on from it in the other.');
        $change = WrittenSteps::only(WrittenSteps::all($plan), 'change')[2];
        self::assertSame([$jog->place->round, $jog->place->stitch], [$change['to'], $change['stitch']]);
        self::assertStringStartsWith("At stitch {$jog->place->stitch}: ", $change['text']);
        self::assertEquals($plan, PlanReader::json(PlanWriter::json($plan)));
    }
}
