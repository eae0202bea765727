<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** Some rounds of a piece, said by their numbers or by what they are: "the first 8", "all that shrink", "2 from the widest on". */
final readonly class Reach
{
    /**
     * @param int $from   first round; of Part::Widest, so many rounds after the last of the widest, before it where negative
     * @param int $rounds how many
     */
    private function __construct(public Part $part, public int $from = 1, public int $rounds = 1)
    {
    }

    public static function rounds(int $from, int $to): self
    {
        return new self(Part::Rounds, $from, $to - $from + 1);
    }

    /** @param int $rounds how many of the first, or of the last */
    public static function atEnd(Part $part, int $rounds): self
    {
        return new self($part, 1, $rounds);
    }

    /** All that grow, that stay, or that shrink. */
    public static function allThat(Part $part): self
    {
        return new self($part);
    }

    /** @param int $offset 1 is the round after the last of the widest, 0 is that one, -1 the one before */
    public static function fromWidest(int $offset, int $rounds): self
    {
        return new self(Part::Widest, $offset, $rounds);
    }

    /**
     * The first and last round; an empty stretch, whose last comes before its first, where the piece has none such.
     *
     * @param list<int> $counts stitches that each round makes
     *
     * @return array{int, int}
     */
    public function in(array $counts): array
    {
        $last = \count($counts);
        if (0 === $last) {
            return [1, 0];
        }
        $widest = max($counts);
        $firstWidest = (int) array_search($widest, $counts, true) + 1;
        $lastWidest = $last - (int) array_search($widest, array_reverse($counts), true);
        [$from, $to] = match ($this->part) {
            Part::Rounds => [$this->from, $this->from + $this->rounds - 1],
            Part::First => [1, $this->rounds],
            Part::Last => [$last - $this->rounds + 1, $last],
            Part::Growing => [1, $firstWidest - 1],
            Part::Even => [$firstWidest, $lastWidest],
            Part::Shrinking => [$lastWidest + 1, $last],
            Part::Widest => [$lastWidest + $this->from, $lastWidest + $this->from + $this->rounds - 1],
        };

        return [max(1, $from), min($last, $to)];
    }
}
