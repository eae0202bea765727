<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Answers;

use Alternum\Core\Plan\Layer\RoundMoves;
use Alternum\Core\Plan\Layer\RoundRange;

/** Rounds that went where a table says. */
final readonly class Moved implements RoundMoves
{
    /**
     * @param array<int, int> $moved where each round is now; one that is not there is gone
     * @param int             $last  rounds before
     * @param int             $now   rounds now
     */
    private function __construct(private array $moved, private int $last, private int $now, private bool $isResize)
    {
    }

    /** So many rounds put in after one of twelve. */
    public static function putIn(int $after, int $rounds): self
    {
        $moved = array_combine(range(1, 12), range(1, 12));

        return new self(array_map(static fn (int $at): int => $at > $after ? $at + $rounds : $at, $moved), 12, 12 + $rounds, false);
    }

    /** A stretch of rounds taken out of twelve. */
    public static function takenOut(int $from, int $to): self
    {
        $moved = [];
        foreach (range(1, 12) as $at) {
            if ($at < $from || $at > $to) {
                $moved[$at] = $at > $to ? $at - ($to - $from + 1) : $at;
            }
        }

        return new self($moved, 12, 12 - ($to - $from + 1), false);
    }

    /** Twelve rounds made half as many again. */
    public static function larger(): self
    {
        $moved = array_combine(range(1, 12), range(1, 12));

        return new self(array_map(static fn (int $at): int => (int) round(1.5 * $at), $moved), 12, 18, true);
    }

    public function isResize(): bool
    {
        return $this->isResize;
    }

    public function last(): int
    {
        return $this->last;
    }

    public function newLast(): int
    {
        return $this->now;
    }

    public function deepest(): ?int
    {
        return null;
    }

    public function range(RoundRange $range): ?RoundRange
    {
        $left = array_intersect_key($this->moved, array_flip(range($range->from, $range->to)));

        return [] === $left ? null : new RoundRange(min($left), max($left));
    }

    public function block(int $first, int $height): ?int
    {
        return $this->range(new RoundRange($first, $first + $height - 1))?->from;
    }

    public function end(int $round): ?int
    {
        return $this->moved[$round] ?? null;
    }

    public function source(int $round): ?int
    {
        $before = array_search($round, $this->moved, true);

        return false === $before ? null : $before;
    }

    public function along(int $from, int $to, int $stitch, int $length): int
    {
        return $stitch + $to - $from;
    }

    public function apart(int $from, int $to, float $stitches): float
    {
        return $stitches * $to / $from;
    }

    public function makes(int $round): int
    {
        return 6 * $round;
    }
}
