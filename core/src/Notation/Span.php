<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** A stretch of a typed line, in characters from 0. */
final readonly class Span
{
    /** @param int $end the character after it */
    public function __construct(public int $from, public int $end)
    {
    }

    public static function none(): self
    {
        return new self(0, 0);
    }

    public function length(): int
    {
        return max(0, $this->end - $this->from);
    }

    /** From this one's beginning to another's end. */
    public function to(self $other): self
    {
        return new self(min($this->from, $other->from), max($this->end, $other->end));
    }

    public function holds(int $position): bool
    {
        return $position >= $this->from && $position < $this->end;
    }
}
