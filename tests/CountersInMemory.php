<?php

declare(strict_types=1);

namespace Alternum\Server\Tests;

use Alternum\Server\Watch\Counters;

final class CountersInMemory implements Counters
{
    /** @var array<string, int> */
    private array $counts = [];

    public function add(string $name, int $by = 1): void
    {
        $this->counts[$name] = ($this->counts[$name] ?? 0) + $by;
    }

    public function all(): array
    {
        ksort($this->counts);

        return $this->counts;
    }
}
