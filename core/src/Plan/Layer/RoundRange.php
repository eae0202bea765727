<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

/** Rounds that follow one another, both ends among them. Empty where the last comes before the first. */
final readonly class RoundRange
{
    public function __construct(public int $from, public int $to)
    {
    }

    public function count(): int
    {
        return max(0, $this->to - $this->from + 1);
    }

    public function isEmpty(): bool
    {
        return $this->to < $this->from;
    }

    public function holds(self $other): bool
    {
        return $other->from >= $this->from && $other->to <= $this->to;
    }

    /** "round 4" or "rounds 4–7". */
    public function inWords(): string
    {
        return $this->from === $this->to ? "round {$this->from}" : "rounds {$this->from}–{$this->to}";
    }
}
