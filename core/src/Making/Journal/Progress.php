<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Journal;

/** How far a toy is: what a plain replay of its journal comes to. */
final readonly class Progress
{
    /**
     * @param array<string, TaskProgress> $tasks    by task; '' has what puts pieces together
     * @param int                         $revision of the plan, that what is not begun is made from; 0: the one with which all was begun
     */
    private function __construct(private array $tasks, public int $revision)
    {
    }

    /** @param list<Event> $events that happened, in order */
    public static function of(array $events): self
    {
        $tasks = [];
        $revision = 0;
        foreach ($events as $event) {
            $task = $event->task();
            if (EventKind::Took === $event->kind) {
                $from = TakenFrom::from($event->text('from'));
                $revision = TakenFrom::Never === $from ? $revision : $event->whole('revision');
                $tasks = TakenFrom::Round === $from ? array_map(static fn (TaskProgress $one): TaskProgress => $one->from($revision), $tasks) : $tasks;
            } elseif ('' !== $task || EventKind::Answered === $event->kind) {
                $tasks[$task] = ($tasks[$task] ?? TaskProgress::start($revision))->after($event);
            }
        }

        return new self($tasks, $revision);
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

    /**
     * Stitches of each round, by task, of the plan that each is made from: what was begun before stays with the earlier one, unless it follows.
     *
     * @param array<string, list<int>> $before of the plans that were followed until now
     * @param array<string, list<int>> $now    of the one that is followed now
     *
     * @return array<string, list<int>>
     */
    public function counts(array $before, array $now): array
    {
        $stay = array_filter($before, fn (string $task): bool => $this->task($task)->revision !== $this->revision, \ARRAY_FILTER_USE_KEY);

        return $stay + $now;
    }

    /** @param string $task "body.1"; '': what puts pieces together */
    public function task(string $task): TaskProgress
    {
        return $this->tasks[$task] ?? TaskProgress::start($this->revision);
    }
}
