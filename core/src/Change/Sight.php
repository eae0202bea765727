<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Fabric\Turn;

/** What is seen of a place by who looks at the front. Whether a jog shows is asked here, and nowhere else. */
final class Sight
{
    /** Degrees from the front within which a jog shows: who looks at the front sees half of the piece. */
    public const WITHIN = 90.0;
    /** Degrees from the front from which on a jog is at the back. */
    private const BACK_FROM = 120.0;

    /** @param float $apart degrees from the front, 0 to 180 */
    public static function shows(float $apart): bool
    {
        return $apart <= self::WITHIN;
    }

    /** @param float $front degrees */
    public static function showsAt(float $degrees, float $front): bool
    {
        return self::shows(Turn::apart($degrees, $front));
    }

    /** @param float $apart degrees from the front, 0 to 180 */
    public static function isAtBack(float $apart): bool
    {
        return $apart >= self::BACK_FROM;
    }
}
