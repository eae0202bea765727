<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Layer\Stripe;

/** A stripe sequence as a maker says it, written out for the rounds that it is laid over. */
final class StripeSequence
{
    /**
     * @param non-empty-list<Stripe> $stripes
     * @param int                    $rounds     to be covered
     * @param bool                   $isMirrored forth and back: A B C B A
     * @param int                    $growth     rounds that every stripe is higher, or lower where negative, each time it comes again
     *
     * @return non-empty-list<Stripe> that cover them
     */
    public static function of(array $stripes, int $rounds, bool $isMirrored, int $growth): array
    {
        if (!$isMirrored && 0 === $growth) {
            return $stripes;
        }
        $once = $isMirrored ? [...$stripes, ...array_reverse(\array_slice($stripes, 1, max(0, \count($stripes) - 2)))] : $stripes;
        $laid = [];
        $covered = 0;
        for ($i = 0; $covered < $rounds; ++$i) {
            $stripe = $once[$i % \count($once)];
            $height = max(1, $stripe->rounds + intdiv($i, \count($once)) * $growth);
            $height = min($height, $rounds - $covered);
            $laid[] = new Stripe($stripe->yarn, $height);
            $covered += $height;
        }

        return [] === $laid ? $stripes : $laid;
    }
}
