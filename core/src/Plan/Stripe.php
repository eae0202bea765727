<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** One or more whole rounds of a yarn, as a step of a stripe sequence. */
final readonly class Stripe
{
    public function __construct(public string $yarn, public int $rounds)
    {
    }
}
