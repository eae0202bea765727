<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

use Alternum\Core\Plan\Counted;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;

/** Some rounds of a piece, said by their numbers or by what they are: "the first 8", "all that shrink", "2 from the widest on". */
final readonly class WhichRounds
{
    /**
     * @param int $from  first round; of RoundGroup::Widest, so many rounds after the last of the widest, before it where negative
     * @param int $count how many
     */
    private function __construct(public RoundGroup $group, public int $from = 1, public int $count = 1)
    {
    }

    public static function numbered(RoundRange $range): self
    {
        return new self(RoundGroup::Numbered, $range->from, $range->to - $range->from + 1);
    }

    /** @param int $count how many of the first, or of the last */
    public static function atEnd(RoundGroup $group, int $count): self
    {
        return new self($group, 1, $count);
    }

    /** All that grow, that stay, or that shrink. */
    public static function allThat(RoundGroup $group): self
    {
        return new self($group);
    }

    /** @param int $offset 1 is the round after the last of the widest, 0 is that one, -1 the one before */
    public static function fromWidest(int $offset, int $count): self
    {
        return new self(RoundGroup::Widest, $offset, $count);
    }

    public static function read(Fields $fields): self
    {
        $group = $fields->oneOf('part', RoundGroup::class);
        $which = match ($group) {
            RoundGroup::Numbered => self::numbered(new RoundRange($fields->whole('from', 1, Limits::ROUNDS), $fields->whole('to', 1, Limits::ROUNDS))),
            RoundGroup::First, RoundGroup::Last => self::atEnd($group, $fields->whole('rounds', 1, Limits::ROUNDS)),
            RoundGroup::Widest => self::fromWidest($fields->whole('offset', -Limits::ROUNDS, Limits::ROUNDS), $fields->whole('rounds', 1, Limits::ROUNDS)),
            default => self::allThat($group),
        };
        $fields->close();

        return $which;
    }

    /** @return array<string, mixed> as read() takes them */
    public function values(): array
    {
        return ['part' => $this->group->value] + match ($this->group) {
            RoundGroup::Numbered => ['from' => $this->from, 'to' => $this->from + $this->count - 1],
            RoundGroup::First, RoundGroup::Last => ['rounds' => $this->count],
            RoundGroup::Widest => ['offset' => $this->from, 'rounds' => $this->count],
            default => [],
        };
    }

    /** Whether how many they are is said, not seen from the shaping. */
    public function isCounted(): bool
    {
        return !\in_array($this->group, [RoundGroup::Growing, RoundGroup::Even, RoundGroup::Shrinking], true);
    }

    /** @param list<int> $counts stitches that each round makes */
    public function in(array $counts): RoundRange
    {
        $last = \count($counts);
        if (0 === $last) {
            return new RoundRange(1, 0);
        }
        $widest = max($counts);
        $firstWidest = (int) array_search($widest, $counts, true) + 1;
        $lastWidest = $last - (int) array_search($widest, array_reverse($counts), true);
        [$from, $to] = match ($this->group) {
            RoundGroup::Numbered => [$this->from, $this->from + $this->count - 1],
            RoundGroup::First => [1, $this->count],
            RoundGroup::Last => [$last - $this->count + 1, $last],
            RoundGroup::Growing => [1, $firstWidest - 1],
            RoundGroup::Even => [$firstWidest, $lastWidest],
            RoundGroup::Shrinking => [$lastWidest + 1, $last],
            RoundGroup::Widest => [$lastWidest + $this->from, $lastWidest + $this->from + $this->count - 1],
        };

        return new RoundRange(max(1, $from), min($last, $to));
    }

    public function inWords(): string
    {
        $rounds = Counted::of($this->count, 'round');

        return match ($this->group) {
            RoundGroup::Numbered => (new RoundRange($this->from, $this->from + $this->count - 1))->inWords(),
            RoundGroup::First, RoundGroup::Last => 1 === $this->count
                ? "the {$this->group->value} round"
                : "the {$this->group->value} {$rounds}",
            RoundGroup::Widest => match (true) {
                0 === $this->from => 1 === $this->count ? 'the last of the widest rounds' : "{$rounds} from the last of the widest on",
                1 === $this->from => "{$rounds} right after the widest",
                $this->from > 1 => "{$rounds}, beginning {$this->from} after the widest",
                default => "{$rounds}, beginning ".-$this->from.' before the last of the widest',
            },
            RoundGroup::Even => 'all of the widest rounds',
            RoundGroup::Growing, RoundGroup::Shrinking => "all {$this->group->value} rounds",
        };
    }
}
