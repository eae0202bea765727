<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Forecast;

use Alternum\Core\Making\Journal\Event;
use Alternum\Core\Making\Journal\EventKind;
use Alternum\Core\Making\Journal\Journal;
use Alternum\Core\Making\Journal\TaskProgress;

/** How quickly it is worked, by the times between what was counted; pauses are left out. */
final readonly class Pace
{
    /** What took longer is a pause at any pace: ms. */
    private const PAUSE_MS = 20 * 60_000;
    /** So many times as long as such a stretch usually takes, and so many ms more, is a pause, too. */
    private const TIMES = 3.0;
    private const MORE_MS = 60_000;
    /** Fewer stitches tell nothing yet. */
    private const LEAST = 12;

    /**
     * @param float|null      $perMinute stitches; null: too little was counted yet
     * @param list<RoundTime> $rounds    in the order in which they were worked
     */
    private function __construct(public ?float $perMinute, public array $rounds)
    {
    }

    /** @param array<string, list<int>> $counts stitches of each round, by task */
    public static function of(Journal $journal, array $counts): self
    {
        $stretches = self::stretches($journal->happened(), $counts);
        $each = array_map(static fn (array $stretch): float => $stretch[2] / $stretch[3], array_filter(
            $stretches,
            static fn (array $stretch): bool => $stretch[2] <= self::PAUSE_MS,
        ));
        sort($each);
        $usual = $each[intdiv(\count($each), 2)] ?? 0.0;
        $ms = 0.0;
        $stitches = 0;
        $rounds = [];
        foreach ($stretches as [$task, $round, $took, $worked]) {
            if ($took <= self::PAUSE_MS && $took <= self::TIMES * $usual * $worked + self::MORE_MS) {
                $ms += $took;
                $stitches += $worked;
                $rounds["{$task} {$round}"] = new RoundTime($task, $round, ($rounds["{$task} {$round}"]->seconds ?? 0.0) + $took / 1000.0);
            }
        }

        return new self($stitches < self::LEAST || $ms <= 0.0 ? null : 60_000.0 * $stitches / $ms, array_values($rounds));
    }

    /**
     * @param list<Event>              $events that happened, in order
     * @param array<string, list<int>> $counts
     *
     * @return list<array{string, int, int, int}> task, round, ms since what was done before, stitches
     */
    private static function stretches(array $events, array $counts): array
    {
        $stretches = [];
        $tasks = [];
        $since = null;
        foreach ($events as $event) {
            $task = $event->task();
            $before = $tasks[$task] ?? TaskProgress::start();
            $tasks[$task] = $before->after($event);
            if (EventKind::Worked === $event->kind && null !== $since && $event->at > $since) {
                $worked = $tasks[$task]->worked($counts[$task] ?? []) - $before->worked($counts[$task] ?? []);
                if ($worked > 0) {
                    $stretches[] = [$task, $event->whole('round'), $event->at - $since, $worked];
                }
            }
            $since = EventKind::Paused === $event->kind ? null : $event->at;
        }

        return $stretches;
    }
}
