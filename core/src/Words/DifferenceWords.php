<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

/** What is to be made otherwise once a plan was changed. */
final class DifferenceWords
{
    public static function isNew(string $name): string
    {
        return "{$name} is new.";
    }

    public static function isGone(string $name): string
    {
        return "{$name} is not made any more.";
    }

    public static function copies(string $name, int $is, int $was): string
    {
        return "{$name} is made {$is} times, not {$was}.";
    }

    /** @param list<int> $rounds */
    public static function rounds(string $name, string $once, array $rounds): string
    {
        return "{$name}: other stitches or yarns in ".self::in($once, $rounds).'.';
    }

    /** @param list<int> $rounds */
    public static function steps(string $name, string $once, array $rounds): string
    {
        return "{$name}: other steps around ".self::in($once, $rounds).'.';
    }

    /** @param list<int> $rounds "rounds 3 to 5 and 8" */
    private static function in(string $once, array $rounds): string
    {
        $spans = [];
        foreach ($rounds as $i => $round) {
            if ($round - 1 === ($rounds[$i - 1] ?? null)) {
                $first = explode(' ', array_pop($spans) ?? '')[0];
                $spans[] = "{$first} to {$round}";
            } else {
                $spans[] = (string) $round;
            }
        }

        return (1 === \count($rounds) ? $once : "{$once}s").' '.YarnWords::listed(...$spans);
    }
}
