<?php

declare(strict_types=1);

namespace Alternum\Core\Fabric;

/** Places around a piece. One turn is 360°. */
final class Turn
{
    /** @return float 0 up to, not including, 360 */
    public static function degrees(float $turns): float
    {
        $degrees = ($turns - floor($turns)) * 360.0;

        return $degrees >= 360.0 ? 0.0 : $degrees;
    }

    /** @return float the shorter way between two places, 0 to 180 degrees */
    public static function apart(float $degrees, float $others): float
    {
        $apart = fmod(abs($degrees - $others), 360.0);

        return min($apart, 360.0 - $apart);
    }
}
