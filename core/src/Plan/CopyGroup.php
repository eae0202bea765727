<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** Copies of a piece that are made in the same yarns. */
final readonly class CopyGroup
{
    /**
     * @param list<string>          $names of the copies; none where they have none
     * @param array<string, string> $yarns the piece's yarn key to the key used instead
     */
    public function __construct(public int $count, public array $names, public array $yarns)
    {
    }
}
