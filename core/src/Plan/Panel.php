<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** An oval of one yarn: a belly, a face. */
final readonly class Panel implements Layer
{
    /**
     * @param float $degrees   around the piece that it is wide, at its widest
     * @param float $fromFront degrees from the front to its middle, in the working direction
     */
    public function __construct(public string $yarn, public int $from, public int $to, public float $degrees, public float $fromFront = 0.0)
    {
    }

    public function yarns(): array
    {
        return [$this->yarn];
    }

    /** The same on other rounds. */
    public function on(int $from, int $to): self
    {
        return new self($this->yarn, $from, $to, $this->degrees, $this->fromFront);
    }
}
