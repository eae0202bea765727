<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Journal;

/** What is asked of a journal most: how much is made, and what is in hand. */
final readonly class JournalSummary
{
    /**
     * @param int            $worked stitches that are made
     * @param string         $piece  that was worked on last; '': nothing is begun
     * @param int            $copy   of it
     * @param WorkPlace|null $place  how far that is; null: nothing is begun
     */
    private function __construct(public int $worked, public string $piece, public int $copy, public ?WorkPlace $place)
    {
    }

    /** @param array<string, list<int>> $counts stitches of each round, by task */
    public static function of(Journal $journal, array $counts): self
    {
        $progress = $journal->progress();
        foreach (array_reverse($journal->happened()) as $event) {
            if ('' !== $event->task()) {
                return new self($progress->worked($counts), $event->text('piece'), $event->whole('copy'), $progress->task($event->task())->place);
            }
        }

        return new self($progress->worked($counts), '', 0, null);
    }
}
