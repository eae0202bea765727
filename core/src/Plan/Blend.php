<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** A few rounds in which single stitches of a yarn, spread evenly, grow from few to nearly all. */
final readonly class Blend implements Layer
{
    public function __construct(public string $yarn, public int $from, public int $to)
    {
    }

    public function yarns(): array
    {
        return [$this->yarn];
    }

    /** The same on other rounds. */
    public function on(int $from, int $to): self
    {
        return new self($this->yarn, $from, $to);
    }
}
