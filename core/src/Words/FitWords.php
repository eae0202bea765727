<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Making\StripeFit;
use Alternum\Core\Plan\Counted;
use Alternum\Core\Plan\Layer\Stripe;

/** What speaks for heights of stripes, and against them. */
final class FitWords
{
    /** "5 stripes of 3 rounds, rounds 4–18". */
    public static function of(StripeFit $fit): string
    {
        $heights = array_values(array_unique(array_map(static fn (Stripe $stripe): int => $stripe->rounds, $fit->sequence)));
        $high = 1 === \count($heights)
            ? Counted::of($heights[0], 'round')
            : YarnWords::listed(...array_map(static fn (Stripe $stripe): string => "{$stripe->rounds} {$stripe->yarn}", $fit->sequence));

        return "{$fit->stripes} stripes of {$high}, {$fit->range->inWords()}";
    }

    /** @return list<string> */
    public static function reasons(StripeFit $fit): array
    {
        return array_values(array_filter([
            $fit->isMirrored ? 'alike on both sides of the widest round' : null,
            [] === $fit->inside ? null : lcfirst(YarnWords::listed(...$fit->inside)).' inside one stripe',
            [] === $fit->across ? null : lcfirst(YarnWords::listed(...$fit->across)).' on the edge of one: move by a round',
            [] === $fit->like ? null : 'as on '.YarnWords::listed(...$fit->like),
            $fit->isWhole ? 'whole repeats' : null,
            $fit->isCarried ? 'low enough to carry the yarns' : null,
            $fit->shortened > 0 ? 'leaves '.Counted::of($fit->shortened, 'round').' as before' : null,
        ], static fn (?string $reason): bool => null !== $reason));
    }
}
