<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Plan\Method;

/** How the change at a round's end is treated. */
final readonly class Treatment
{
    /**
     * @param bool  $isChosen  the method is the maker's choice, not the program's
     * @param float $degrees   where the marker stands there, 0 up to, not including, 360
     * @param bool  $isStacked a stripe of one round lies above or below it: slip stitches in one column pucker there
     */
    public function __construct(public Method $method, public bool $isChosen, public float $degrees, public bool $isStacked = false)
    {
    }
}
