<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Search;

/** What an end to hide, a metre of yarn and a round of a step that shows count for against one another. */
final readonly class Weights
{
    public function __construct(public float $ends, public float $metres, public float $shown)
    {
    }

    public function score(int $ends, float $mm, float $shown): float
    {
        return $this->ends * $ends + $this->metres * $mm / 1000.0 + $this->shown * $shown;
    }
}
