<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/**
 * US names of crochet hooks by their diameter in mm.
 *
 * Source: the Craft Yarn Council's table of hook sizes, from memory.
 */
final class HookSize
{
    private const US = [
        '2.25' => 'B-1', '2.75' => 'C-2', '3.25' => 'D-3', '3.5' => 'E-4', '3.75' => 'F-5', '4' => 'G-6',
        '4.5' => '7', '5' => 'H-8', '5.5' => 'I-9', '6' => 'J-10', '6.5' => 'K-10½', '8' => 'L-11',
        '9' => 'M/N-13', '10' => 'N/P-15', '15' => 'P/Q', '16' => 'Q', '19' => 'S',
    ];

    /** The US name of a hook, or null where the US sizes skip that diameter (3.0 mm, say), or makers of hooks differ (12 mm). */
    public static function us(float $mm): ?string
    {
        return self::US[(string) round($mm, 2)] ?? null;
    }
}
