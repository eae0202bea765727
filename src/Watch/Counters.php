<?php

declare(strict_types=1);

namespace Alternum\Server\Watch;

/** Numbers that only grow, and such as go up and down, shared by all processes of one machine. */
interface Counters
{
    /** @param string $name a metric with its labels, as it is written out */
    public function add(string $name, int $by = 1): void;

    /** @return array<string, int> by name, in the order of the names */
    public function all(): array;
}
