<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Round;
use Alternum\Core\Plan\Layer\RoundMoves;
use Alternum\Core\Plan\Layer\RoundRange;

/** Rounds that went along with the lines that were typed for them. What lies past the last of the old rounds stays where it is. */
final readonly class RetypedRounds implements RoundMoves
{
    /** @var array<int, int> new round to old round */
    private array $sources;

    /**
     * @param array<int, int> $moved     old round to new round; one that is gone is not in it
     * @param int             $last      the last of the old rounds
     * @param list<Round>     $newRounds
     */
    public function __construct(private array $moved, private int $last, private array $newRounds)
    {
        $this->sources = array_flip($moved);
    }

    /** Whether every round is where it was; others may have been put in above them. */
    public function isStill(): bool
    {
        for ($round = 1; $round <= $this->last; ++$round) {
            if (($this->moved[$round] ?? null) !== $round) {
                return false;
            }
        }

        return true;
    }

    public function isResize(): bool
    {
        return false;
    }

    public function last(): int
    {
        return $this->last;
    }

    public function deepest(): ?int
    {
        return null;
    }

    public function newLast(): int
    {
        return \count($this->newRounds);
    }

    public function range(RoundRange $range): ?RoundRange
    {
        if ($range->from > $this->last || $range->isEmpty()) {
            return $range;
        }
        $kept = [];
        for ($round = $range->from; $round <= min($range->to, $this->last); ++$round) {
            if (isset($this->moved[$round])) {
                $kept[] = $this->moved[$round];
            }
        }

        return [] === $kept ? null : new RoundRange(min($kept), max($kept) + max(0, $range->to - $this->last));
    }

    public function block(int $first, int $height): ?int
    {
        for ($i = 0; $i < $height; ++$i) {
            if (isset($this->moved[$first + $i])) {
                return max(1, $this->moved[$first + $i] - $i);
            }
        }

        return $first > $this->last ? $first : null;
    }

    public function end(int $round): ?int
    {
        return $round > $this->last ? $round : $this->moved[$round] ?? null;
    }

    public function source(int $round): ?int
    {
        return $this->sources[$round] ?? null;
    }

    public function along(int $from, int $to, int $stitch, int $length): int
    {
        return $stitch;
    }

    public function apart(int $from, int $to, float $stitches): float
    {
        return $stitches;
    }

    public function makes(int $round): int
    {
        return $this->newRounds[$round - 1]->makes ?? 0;
    }
}
