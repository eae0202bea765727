<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Journal;

/** How far a toy is: what a plain replay of its journal comes to. */
final readonly class Progress
{
    /** @param array<string, TaskProgress> $tasks by task; '' has what puts pieces together */
    private function __construct(private array $tasks)
    {
    }

    /** @param list<Event> $events that happened, in order */
    public static function of(array $events): self
    {
        $tasks = [];
        foreach ($events as $event) {
            $task = $event->task();
            $tasks[$task] = ($tasks[$task] ?? TaskProgress::start())->after($event);
        }

        return new self($tasks);
    }

    /**
     * @param array<string, list<int>> $counts stitches of each round, by task
     *
     * @return int stitches that are made
     */
    public function worked(array $counts): int
    {
        $worked = 0;
        foreach ($counts as $task => $rounds) {
            $place = $this->task($task)->place;
            $worked += array_sum(\array_slice($rounds, 0, max(0, $place->round - 1))) + min($place->stitch, $rounds[$place->round - 1] ?? 0);
        }

        return $worked;
    }

    /** @param string $task "body.1"; '': what puts pieces together */
    public function task(string $task): TaskProgress
    {
        return $this->tasks[$task] ?? TaskProgress::start();
    }
}
