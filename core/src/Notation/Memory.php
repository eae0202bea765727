<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** Keeps what was read for longer than one request: a plan is read again with every edit, and nearly all of its lines are the same. */
interface Memory
{
    /** @param string $key the same for the same words, read in the same way */
    public function recall(string $key): ?object;

    public function keep(string $key, object $value): void;
}
