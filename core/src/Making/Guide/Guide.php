<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Guide;

/** One piece as it is made beside the hands, stop by stop. */
final readonly class Guide
{
    /**
     * @param array<int, GuidedRound> $rounds by number
     * @param list<Stop>              $stops  in the order of the work
     */
    public function __construct(public array $rounds, public array $stops)
    {
    }
}
