<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Forecast;

/** How long a round took. */
final readonly class RoundTime
{
    /** @param string $task "body.1" */
    public function __construct(public string $task, public int $round, public float $seconds)
    {
    }
}
