<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Journal;

/**
 * What was done, in the order in which it was done. Events are only added; those that were made apart come together without loss: each has an id of its
 * own, and they are ordered by how much their device had seen.
 */
final readonly class Journal
{
    /** @param list<Event> $events */
    private function __construct(public array $events)
    {
    }

    /** @param list<Event> $events in any order, some of them twice */
    public static function of(array $events): self
    {
        $all = [];
        foreach ($events as $event) {
            $all[$event->id] ??= $event;
        }
        usort($all, static fn (Event $one, Event $other): int => [$one->count, $one->id] <=> [$other->count, $other->id]);

        return new self($all);
    }

    public function with(Event ...$events): self
    {
        return self::of([...$this->events, ...array_values($events)]);
    }

    /** @return list<Event> without those that did not happen, and without what says so */
    public function happened(): array
    {
        $gone = [];
        for ($i = \count($this->events) - 1; $i >= 0; --$i) {
            $event = $this->events[$i];
            if (EventKind::Back === $event->kind && !isset($gone[$event->id])) {
                $gone[$event->text('of')] = true;
            }
        }

        return array_values(array_filter(
            $this->events,
            static fn (Event $event): bool => EventKind::Back !== $event->kind && !isset($gone[$event->id]),
        ));
    }

    public function progress(): Progress
    {
        return Progress::of($this->happened());
    }
}
