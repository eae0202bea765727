<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Forecast;

use Alternum\Core\Making\Journal\Event;
use Alternum\Core\Making\Journal\EventKind;
use Alternum\Core\Making\Journal\Journal;
use Alternum\Core\Making\Journal\Progress;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Yarn\PlanLedger;
use Alternum\Core\Yarn\YarnLength;

/** What is left of each yarn, by weighing a ball now and then: how long a stitch is, is worked out anew from what was used in between. */
final class YarnsLeft
{
    /** Grams between two weighings from which on they tell how much a stitch takes: a kitchen scale shows one. */
    private const TELLING = 3.0;

    /** @var array<string, list<YarnLength>> by yarn, in working order */
    private array $lengths = [];

    /** @param list<string> $tasks "body.1", in the order of the work */
    private function __construct(private readonly Plan $plan, PlanLedger $ledger, array $tasks)
    {
        $order = array_flip($tasks);
        $byTask = [];
        foreach ($ledger->lengths() as $length) {
            // Within a copy they are in working order already.
            $byTask[$length->yarn][$order["{$length->piece}.{$length->copy}"] ?? 0][] = $length;
        }
        foreach ($byTask as $yarn => $tasks) {
            ksort($tasks);
            $this->lengths[$yarn] = array_merge(...$tasks);
        }
    }

    /**
     * @param list<string> $tasks "body.1", in the order of the work
     *
     * @return list<YarnForecast> of the yarns of which it is known how much there is, in the plan's order
     */
    public static function of(Plan $plan, PlanLedger $ledger, array $tasks, Journal $journal): array
    {
        $left = new self($plan, $ledger, $tasks);
        $forecasts = [];
        foreach ($plan->yarns as $yarn) {
            $weighed = $left->weighed($yarn->key, $yarn->onHandGrams, $journal->happened());
            if (null !== $weighed) {
                $forecasts[] = $left->forecast($yarn->key, $weighed[0], $weighed[1], $journal->progress());
            }
        }

        return $forecasts;
    }

    /**
     * @param list<Event> $events that happened
     *
     * @return array{float, float}|null grams that are left now, and how much it takes against what is planned; null: nothing is known of it
     */
    private function weighed(string $yarn, ?float $atFirst, array $events): ?array
    {
        $from = $last = null === $atFirst ? null : [$atFirst, Progress::of([])];
        foreach ($events as $i => $event) {
            if (EventKind::Weighed === $event->kind && $yarn === $event->text('yarn')) {
                $now = [$event->number('grams'), Progress::of(\array_slice($events, 0, $i))];
                // What weighs more than before is another ball, or more of them.
                $from = null === $from || null === $last || $now[0] > $last[0] ? $now : $from;
                $last = $now;
            }
        }
        if (null === $from || null === $last) {
            return null;
        }
        $planned = $this->grams($yarn, $from[1], $last[1]);
        $used = $from[0] - $last[0];
        $times = $used >= self::TELLING && $planned > 0.0 ? $used / $planned : 1.0;

        return [max(0.0, $last[0] - $times * $this->grams($yarn, $last[1], Progress::of($events))), $times];
    }

    /** @return float grams of a yarn that go into what was made between two moments, as planned */
    private function grams(string $yarn, Progress $from, Progress $to): float
    {
        $mm = 0.0;
        foreach ($this->lengths[$yarn] ?? [] as $length) {
            $mm += $length->mean * (self::share($length, $to) - self::share($length, $from));
        }

        return $this->weight($yarn, $mm);
    }

    private function weight(string $yarn, float $mm): float
    {
        return $mm / 1000.0 * 100.0 / ($this->plan->yarn($yarn)->metresPer100g ?? 100.0);
    }

    /** @return float 0 up to 1: how much of a length is in what is made */
    private static function share(YarnLength $length, Progress $progress): float
    {
        $place = $progress->task("{$length->piece}.{$length->copy}")->place;
        if ($length->round !== $place->round) {
            return $length->round < $place->round ? 1.0 : 0.0;
        }
        $stitches = max(1, $length->to - $length->from + 1);

        return min(1.0, max(0.0, ($place->stitch - $length->from + 1) / $stitches));
    }

    private function forecast(string $yarn, float $left, float $times, Progress $progress): YarnForecast
    {
        $rounds = [];
        foreach ($this->lengths[$yarn] ?? [] as $length) {
            $open = 1.0 - self::share($length, $progress);
            if ($open > 0.0) {
                $round = "{$length->piece}.{$length->copy} {$length->round}";
                $rounds[$round] = ($rounds[$round] ?? 0.0) + $times * $this->weight($yarn, $length->mean * $open);
            }
        }
        $enoughFor = 0;
        $sum = 0.0;
        foreach ($rounds as $grams) {
            $sum += $grams;
            $enoughFor += $sum <= $left ? 1 : 0;
        }

        return new YarnForecast(yarn: $yarn, left: $left, needed: $sum, times: $times, rounds: $enoughFor, of: \count($rounds));
    }
}
