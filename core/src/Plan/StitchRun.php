<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** Stitches `from` to `to` of a round, inclusive, counting stitches made; wraps past the end where to < from. */
final readonly class StitchRun implements Layer
{
    public function __construct(public int $round, public int $from, public int $to, public string $yarn)
    {
    }

    public function yarns(): array
    {
        return [$this->yarn];
    }
}
