<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** One time that a piece is made, with yarns that stand in for the piece's own. */
final readonly class Copy
{
    /** @param array<string, string> $yarns the piece's yarn key to the key used instead */
    public function __construct(public string $name, public array $yarns)
    {
    }
}
