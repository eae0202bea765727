<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Journal;

/** How far one copy of a piece is, what was answered there, and which of its rounds have other stitches than planned. */
final readonly class TaskProgress
{
    /**
     * @param array<string, array{Answer, WorkPlace}> $answers  by the step's key: what was said last, and where
     * @param array<int, array{int, WorkPlace}>       $slips    by round: stitches that it has, where one went on with it, and where that is
     * @param int                                     $revision of the plan, that it is made from; 0: the one with which all was begun
     */
    private function __construct(public WorkPlace $place, public array $answers, public array $slips, public int $revision)
    {
    }

    public static function start(int $revision = 0): self
    {
        return new self(WorkPlace::start(), [], [], $revision);
    }

    public function from(int $revision): self
    {
        return new self($this->place, $this->answers, $this->slips, $revision);
    }

    public function after(Event $event): self
    {
        return match ($event->kind) {
            EventKind::Worked => $this->workedTo($event->place()),
            EventKind::Moved => new self($event->place(), $this->answers, $this->slips, $this->revision),
            EventKind::Ripped => $this->rippedTo($event->place()),
            EventKind::Answered => new self(
                $this->place,
                [$event->text('key') => [Answer::from($event->text('answer')), $event->place()]] + $this->answers,
                $this->slips,
                $this->revision,
            ),
            EventKind::Slipped => Event::GO_ON === $event->text('key') ? $this->goingOn($event) : $this,
            default => $this,
        };
    }

    /** Two devices may count the same stitches: they are made once. */
    private function workedTo(WorkPlace $place): self
    {
        return $place->isAfter($this->place) ? new self($place, $this->answers, $this->slips, $this->revision) : $this;
    }

    /** The round is left as it is, and with that done. */
    private function goingOn(Event $event): self
    {
        $done = $this->workedTo($event->place());
        $slips = [$event->whole('round') => [$event->whole('has'), $event->place()]] + $this->slips;

        return new self($done->place, $done->answers, $slips, $done->revision);
    }

    /** What was done beyond it is open again. */
    private function rippedTo(WorkPlace $place): self
    {
        return new self(
            $this->place->isAfter($place) ? $place : $this->place,
            array_filter($this->answers, static fn (array $answer): bool => !$answer[1]->isAfter($place)),
            array_filter($this->slips, static fn (array $slip): bool => !$slip[1]->isAfter($place)),
            $this->revision,
        );
    }

    /**
     * @param list<int> $rounds stitches of each
     *
     * @return int stitches that are made
     */
    public function worked(array $rounds): int
    {
        return array_sum(\array_slice($rounds, 0, max(0, $this->place->round - 1))) + min($this->place->stitch, $rounds[$this->place->round - 1] ?? 0);
    }

    /** @param string $key of a step */
    public function answer(string $key): ?Answer
    {
        return $this->answers[$key][0] ?? null;
    }
}
