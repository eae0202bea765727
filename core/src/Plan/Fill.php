<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** The whole piece in one yarn. */
final readonly class Fill implements Layer
{
    public function __construct(public string $yarn)
    {
    }

    public function yarns(): array
    {
        return [$this->yarn];
    }
}
