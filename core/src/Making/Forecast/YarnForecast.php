<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Forecast;

/** Whether what is left of a yarn is enough for what is still to be made. */
final readonly class YarnForecast
{
    /**
     * @param string $yarn   its key
     * @param float  $left   grams that are left of it now
     * @param float  $needed grams that the rest takes
     * @param float  $times  so much as planned it takes, by what was weighed; 1: as planned
     * @param int    $rounds that what is left is enough for, of those to come in which it is worked
     * @param int    $of     rounds to come in which it is worked
     */
    public function __construct(public string $yarn, public float $left, public float $needed, public float $times, public int $rounds, public int $of)
    {
    }

    public function isEnough(): bool
    {
        return $this->needed <= $this->left;
    }
}
