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
            $worked += $this->task($task)->worked($rounds);
        }

        return $worked;
    }

    /** @param string $task "body.1"; '': what puts pieces together */
    public function task(string $task): TaskProgress
    {
        return $this->tasks[$task] ?? TaskProgress::start();
    }
}
