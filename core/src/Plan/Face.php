<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** The part of a piece, about its front, that is to stay plain. */
final readonly class Face
{
    /** @param float $degrees around the piece that it is wide */
    public function __construct(public int $from, public int $to, public float $degrees)
    {
    }

    public function on(int $from, int $to): self
    {
        return new self($from, $to, $this->degrees);
    }
}
