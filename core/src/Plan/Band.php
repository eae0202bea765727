<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** A cap, a band, a hoof: rounds of one yarn, said by what they are, so that they stay right when the piece is resized. */
final readonly class Band implements Layer
{
    public function __construct(public Reach $reach, public string $yarn)
    {
    }

    public function yarns(): array
    {
        return [$this->yarn];
    }
}
