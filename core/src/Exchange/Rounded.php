<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

/** Figures as they are written out. */
final class Rounded
{
    /** To a hundredth of a millimetre, a degree or a gram, which is finer than anything here is known. */
    public static function of(float $number): float
    {
        return round($number, 2);
    }
}
