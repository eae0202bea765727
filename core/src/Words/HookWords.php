<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Plan\HookSize;

/** A hook in words. */
final class HookWords
{
    /** "3 mm, US D-3" */
    public static function of(float $mm): string
    {
        $us = HookSize::us($mm);

        return "{$mm} mm".(null === $us ? '' : ", US {$us}");
    }
}
