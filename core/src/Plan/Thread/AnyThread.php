<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

/** What a kind of thread answers unless it knows better. */
trait AnyThread
{
    public function besidesMm(): float
    {
        return 0.0;
    }

    public function hasTails(): bool
    {
        return true;
    }
}
