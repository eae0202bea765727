<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making\Journal;

use Alternum\Core\Making\Journal\Event;
use Alternum\Core\Making\Journal\EventKind;

/**
 * A maker with one or two devices, who counts, taps too much, pulls out, jumps, answers and puts off, now and then without a network. Where the maker
 * is, is kept beside it as plain numbers, which hold so long as one device alone counts.
 */
final class RandomMaking
{
    private const ROUNDS = [6, 12, 18, 18, 12, 6];

    /** @var list<list<Event>> what each device has */
    private array $devices;
    /** @var list<array{int, int, array<string, array{string, int, int}>, array<int, array{int, int}>}> what was true before each act that can be taken back */
    private array $before = [];
    /** @var list<string> ids of these acts */
    private array $acts = [];
    private int $made = 0;
    public int $round = 0;
    public int $stitch = 0;
    /** @var array<int, array{int, int}> stitches that a round has, where one went on with it, and the place, by round */
    public array $slips = [];
    private int $revision = 0;
    /** @var list<array{string, int}> ids of acts, and from when on which revision of the plan was taken, in order */
    private array $log = [];
    /** @var array<string, array{string, int, int}> answer, round, stitch, by step */
    public array $answers = [];

    private function __construct(private readonly \Random\Randomizer $random, int $devices)
    {
        $this->devices = array_fill(0, $devices, []);
    }

    public static function of(int $seed, int $devices, int $acts): self
    {
        $making = new self(new \Random\Randomizer(new \Random\Engine\Mt19937($seed)), $devices);
        for ($i = 0; $i < $acts; ++$i) {
            $making->act($making->random->getInt(0, $devices - 1));
        }

        return $making;
    }

    /** @return list<Event> of all devices, in any order, those that several have several times */
    public function events(): array
    {
        return $this->random->shuffleArray(array_merge(...$this->devices));
    }

    /** @return int events that were made */
    public function made(): int
    {
        return $this->made;
    }

    private function act(int $device): void
    {
        $dice = $this->random->getInt(1, 100);
        $round = $this->round;
        match (true) {
            $dice <= 55 => $this->forth($device),
            $dice <= 65 => $this->takeBack($device),
            $dice <= 72 => $this->place($device, EventKind::Ripped, max(0, $round - $this->random->getInt(1, 3))),
            $dice <= 76 => $this->place($device, EventKind::Moved, min(\count(self::ROUNDS), $round + $this->random->getInt(0, 2))),
            $dice <= 88 => $this->answer($device, 'key-'.$this->random->getInt(1, 4), ['done', 'later', 'left'][$this->random->getInt(0, 2)]),
            $dice <= 89 => $this->add($device, EventKind::Paused, []),
            $dice <= 90 => $this->goOn($device),
            $dice <= 92 => $this->take($device, ['round', 'copy', 'never'][$this->random->getInt(0, 2)]),
            default => $this->meet(),
        };
    }

    private function forth(int $device): void
    {
        $full = $this->stitch >= (self::ROUNDS[$this->round - 1] ?? 0);
        if ($full && $this->round === \count(self::ROUNDS)) {
            return;
        }
        $this->remember();
        [$this->round, $this->stitch] = $full ? [$this->round + 1, 0] : [$this->round, $this->stitch];
        $this->stitch = $this->random->getInt($this->stitch + 1, self::ROUNDS[$this->round - 1]);
        $this->acts[] = $this->add($device, EventKind::Worked, $this->at());
    }

    /** The round has one stitch too few, and is left so. */
    private function goOn(int $device): void
    {
        if (0 === $this->round) {
            return;
        }
        $this->remember();
        $this->stitch = self::ROUNDS[$this->round - 1];
        $has = $this->stitch - 1;
        $this->slips[$this->round] = [$has, $this->stitch];
        $this->acts[] = $this->add($device, EventKind::Slipped, $this->at() + ['has' => $has, 'key' => Event::GO_ON]);
    }

    private function place(int $device, EventKind $kind, int $round): void
    {
        $this->remember();
        [$this->round, $this->stitch] = [$round, self::ROUNDS[$round - 1] ?? 0];
        if (EventKind::Ripped === $kind) {
            $this->answers = array_filter($this->answers, fn (array $said): bool => [$said[1], $said[2]] <= [$this->round, $this->stitch]);
            $isLeft = fn (array $slip, int $at): bool => [$at, $slip[1]] <= [$this->round, $this->stitch];
            $this->slips = array_filter($this->slips, $isLeft, \ARRAY_FILTER_USE_BOTH);
        }
        $this->acts[] = $this->add($device, $kind, $this->at());
    }

    private function answer(int $device, string $key, string $said): void
    {
        $this->remember();
        $this->answers[$key] = [$said, $this->round, $this->stitch];
        $this->acts[] = $this->add($device, EventKind::Answered, $this->at() + ['key' => $key, 'answer' => $said]);
    }

    private function takeBack(int $device): void
    {
        $was = array_pop($this->before);
        $id = array_pop($this->acts);
        if (null !== $was && null !== $id) {
            [$this->round, $this->stitch, $this->answers, $this->slips] = $was;
            $this->add($device, EventKind::Back, ['of' => $id]);
        }
    }

    /** The plan was changed at the bench meanwhile. */
    private function take(int $device, string $from): void
    {
        $this->revision += 'never' === $from ? 0 : 1;
        $this->log[] = [$from, $this->revision];
        $this->add($device, EventKind::Took, ['revision' => 'never' === $from ? 99 : $this->revision, 'from' => $from]);
    }

    /** @return int the revision of the plan that the body is made from */
    public function follows(): int
    {
        $follows = 0;
        $isBegun = false;
        foreach ($this->log as [$what, $revision]) {
            // What was taken back never began it.
            $isBegun = $isBegun || \in_array($what, $this->acts, true);
            $follows = 'round' === $what || ('copy' === $what && !$isBegun) ? $revision : $follows;
        }

        return $follows;
    }

    /** The devices tell one another all that they have. */
    private function meet(): void
    {
        $all = [];
        foreach (array_merge(...$this->devices) as $event) {
            $all[$event->id] = $event;
        }
        $this->devices = array_fill(0, \count($this->devices), array_values($all));
    }

    private function remember(): void
    {
        $this->before[] = [$this->round, $this->stitch, $this->answers, $this->slips];
    }

    /** @return array<string, string|int> */
    private function at(): array
    {
        return ['piece' => 'body', 'copy' => 1, 'round' => $this->round, 'stitch' => $this->stitch];
    }

    /** @param array<string, string|int> $details */
    private function add(int $device, EventKind $kind, array $details): string
    {
        $id = \sprintf('%026d', ++$this->made).'';
        $seen = max([0, ...array_map(static fn (Event $event): int => $event->count, $this->devices[$device])]);
        // Two devices take numbers of their own: which of two ids is higher says nothing of when it was.
        $id = 'ABCDEFGHJK'[$this->random->getInt(0, 9)].substr($id, 1);
        $this->log[] = [$id, 0];
        $this->devices[$device][] = Event::of($id, $seen + 1, 1_764_600_000_000 + 4000 * $this->made, $kind, $details);

        return $id;
    }
}
