<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making\Forecast;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\GuidedToyWriter;
use Alternum\Core\Making\Forecast\Pace;
use Alternum\Core\Making\Forecast\YarnForecast;
use Alternum\Core\Making\Forecast\YarnsLeft;
use Alternum\Core\Making\Journal\Event;
use Alternum\Core\Making\Journal\EventKind;
use Alternum\Core\Making\Journal\Journal;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\ForecastWords;
use PHPUnit\Framework\TestCase;

final class ForecastTest extends TestCase
{
    private const COUNTS = ['body.1' => [6, 12, 18, 18, 18]];

    private int $count = 0;
    private int $now = 1_764_600_000_000;

    public function testThePaceLeavesPausesOut(): void
    {
        // 3 seconds a stitch throughout: 20 a minute. An hour for tea after round 2, a word with somebody in round 4.
        $journal = Journal::of([
            $this->worked(1, 6, 18), $this->worked(2, 12, 36), $this->worked(3, 18, 3600 + 54), $this->worked(4, 18, 54), $this->worked(5, 9, 27 + 300),
            $this->worked(5, 18, 27),
        ]);
        $pace = Pace::of($journal, self::COUNTS);
        // The first event has nothing before it that its time could be taken from.
        self::assertEqualsWithDelta(20.0, $pace->perMinute, 0.001);
        $rounds = array_map(static fn ($time): array => [$time->round, $time->seconds], $pace->rounds);
        self::assertSame([[2, 36.0], [4, 54.0], [5, 27.0]], $rounds);
    }

    public function testWhatWasSaidToBeAPauseIsNone(): void
    {
        $events = [
            $this->worked(1, 6, 18), $this->worked(2, 12, 36), $this->event(EventKind::Paused, [], 5), $this->worked(3, 18, 100), $this->worked(4, 18, 54),
        ];
        self::assertEqualsWithDelta(20.0, Pace::of(Journal::of($events), self::COUNTS)->perMinute, 0.001);
    }

    public function testTooLittleTellsNothing(): void
    {
        self::assertNull(Pace::of(Journal::of([$this->worked(1, 3, 9), $this->worked(1, 6, 9)]), self::COUNTS)->perMinute);
        // "I am farther on" was counted by nobody.
        self::assertNull(Pace::of(Journal::of([$this->worked(1, 6, 9), $this->event(EventKind::Moved, $this->at(5, 18), 2)]), self::COUNTS)->perMinute);
    }

    /** Ten rounds of 18 in B, of which a stitch takes 40 mm: 0.72 m a round, and a metre weighs 1 g at 100 m a 100 g. */
    public function testTheYarnIsWeighedAndLastsSoManyRounds(): void
    {
        $plan = self::plan();
        $events = [$this->worked(3, 18, 1), $this->weighed('B', 10.0), $this->worked(8, 18, 600), $this->weighed('B', 6.4)];
        $forecast = $this->forecast($plan, $events);
        // Five rounds took 3.6 g, as planned.
        self::assertEqualsWithDelta(1.0, $forecast->times, 0.001);
        self::assertEqualsWithDelta(6.4, $forecast->left, 0.001);
        self::assertEqualsWithDelta(5 * 0.72, $forecast->needed, 0.001);
        self::assertTrue($forecast->isEnough());
        self::assertSame([5, 5], [$forecast->rounds, $forecast->of]);
        self::assertSame('Enough for all that is to come, 5 rounds: about 2.8 g stay.', ForecastWords::says($forecast));
    }

    public function testAFirmerHandIsSeenOnTheScaleAndToldInTime(): void
    {
        // Half as much again as planned: 5.4 g for five rounds. 3.6 g are left, and five rounds will take 5.4.
        $events = [$this->worked(3, 18, 1), $this->weighed('B', 9.0), $this->worked(8, 18, 600), $this->weighed('B', 3.6)];
        $forecast = $this->forecast(self::plan(), $events);
        self::assertEqualsWithDelta(1.5, $forecast->times, 0.001);
        self::assertFalse($forecast->isEnough());
        self::assertSame([3, 5], [$forecast->rounds, $forecast->of]);
        self::assertSame('Enough for 3 rounds more, and it is worked in 5 rounds: about 1.8 g short.', ForecastWords::says($forecast));
        self::assertSame('By weight you take 50 % more than planned.', ForecastWords::hand($forecast));
        self::assertCount(3, ForecastWords::waysOut($forecast));
        // A round later without weighing, its share is gone.
        $later = $this->forecast(self::plan(), [...$events, $this->worked(9, 18, 60)]);
        self::assertEqualsWithDelta(3.6 - 1.08, $later->left, 0.001);
    }

    /** In the middle of round 9 half of its 0.72 g is gone, after a third of it a third. */
    public function testOfARoundThatIsBegunItsShareIsGone(): void
    {
        foreach ([9 => 0.36, 6 => 0.24, 18 => 0.72] as $stitch => $grams) {
            $forecast = $this->forecast(self::plan(), [$this->worked(8, 18, 600), $this->weighed('B', 6.4), $this->worked(9, $stitch, 60)]);
            self::assertEqualsWithDelta([6.4 - $grams, 3.6 - $grams], [$forecast->left, $forecast->needed], 0.001);
        }
    }

    /** A yarn that is done with is no trouble, however little of it is left. */
    public function testAYarnThatIsDoneWithLasts(): void
    {
        self::assertSame('Nothing more is worked in it.', ForecastWords::says(new YarnForecast('B', 0.0, 0.0, 1.0, 0, 0)));
        self::assertSame('Enough for all that is to come, 1 round: about 1.0 g stay.', ForecastWords::says(new YarnForecast('B', 2.0, 1.0, 1.0, 1, 1)));
    }

    public function testAHeavierBallIsAnotherOne(): void
    {
        $events = [$this->worked(3, 18, 1), $this->weighed('B', 4.0), $this->worked(8, 18, 600), $this->weighed('B', 50.0)];
        self::assertEqualsWithDelta(1.0, $this->forecast(self::plan(), $events)->times, 0.001);
    }

    public function testNothingIsSaidOfAYarnOfWhichNobodyKnowsHowMuchThereIs(): void
    {
        self::assertSame([], $this->forecasts(self::plan(), [$this->worked(8, 18, 1)]));
    }

    private static function plan(): Plan
    {
        return Plans::of(
            ['18 sc in MR', 'R2-13: sc around'],
            [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(4, 13, [['B', 10]])],
            ['finish' => ['end' => 'open'], 'changes' => ['method' => 'plain']],
            [
                'yarns' => [
                    ['key' => 'A', 'name' => 'Chalk', 'hex' => '#F2EDE4', 'weight' => 'dk', 'metresPer100g' => 100, 'strands' => 1],
                    ['key' => 'B', 'name' => 'Slate', 'hex' => '#39465A', 'weight' => 'dk', 'metresPer100g' => 100, 'strands' => 1],
                ],
                'yarnUse' => ['basis' => 'unravelled', 'unravelled' => ['stitches' => 10, 'cm' => 40], 'sparePercent' => 0, 'tailCm' => 0, 'sewingTailCm' => 0],
            ],
        );
    }

    /** @param list<Event> $events */
    private function forecast(Plan $plan, array $events): YarnForecast
    {
        $all = $this->forecasts($plan, $events);
        self::assertCount(1, $all);

        return $all[0];
    }

    /**
     * @param list<Event> $events
     *
     * @return list<YarnForecast>
     */
    private function forecasts(Plan $plan, array $events): array
    {
        $analysis = Analysis::of($plan);

        return YarnsLeft::of($plan, $analysis->ledger(), array_keys(GuidedToyWriter::counts($analysis)), Journal::of($events));
    }

    private function worked(int $round, int $stitch, int $seconds): Event
    {
        return $this->event(EventKind::Worked, $this->at($round, $stitch), $seconds);
    }

    private function weighed(string $yarn, float $grams): Event
    {
        return $this->event(EventKind::Weighed, ['yarn' => $yarn, 'grams' => $grams], 5);
    }

    /** @return array<string, string|int> */
    private function at(int $round, int $stitch): array
    {
        return ['piece' => 'body', 'copy' => 1, 'round' => $round, 'stitch' => $stitch];
    }

    /** @param array<string, string|int|float> $details */
    private function event(EventKind $kind, array $details, int $seconds): Event
    {
        $this->now += 1000 * $seconds;

        return Event::of(\sprintf('%026d', ++$this->count), $this->count, $this->now, $kind, $details);
    }
}
