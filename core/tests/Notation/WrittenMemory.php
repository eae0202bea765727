<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Notation\Memory;

/** As a memory between requests has to: what goes into it is written, and comes out as another object. */
final class WrittenMemory implements Memory
{
    /** @var array<string, string> */
    private array $kept = [];
    public int $recalled = 0;

    public function recall(string $key): ?object
    {
        $known = isset($this->kept[$key]) ? unserialize($this->kept[$key]) : null;
        $this->recalled += \is_object($known) ? 1 : 0;

        return \is_object($known) ? $known : null;
    }

    public function keep(string $key, object $value): void
    {
        $this->kept[$key] = serialize($value);
    }
}
