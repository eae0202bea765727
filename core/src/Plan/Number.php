<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** Numbers as the plan's format has them. */
final class Number
{
    /** A whole number without its fraction. */
    public static function plain(?float $number): int|float|null
    {
        return null !== $number && floor($number) === $number ? (int) $number : $number;
    }

    /** Degrees from the front, wrapped to one turn about it, to half a degree: finer than a hand sets anything. */
    public static function degrees(float $degrees): float
    {
        $half = round(2 * $degrees) / 2 + 180.0;

        return $half - 360.0 * floor($half / 360.0) - 180.0;
    }
}
