<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Making\StripeFit;
use Alternum\Core\Plan\Layer\Stripe;
use Alternum\Core\Words\FitWords;

/** Heights of stripes as values for JSON: contract/openapi.yaml, stripeFits. */
final class FitWriter
{
    /**
     * @param list<StripeFit> $fits
     *
     * @return list<array<string, mixed>>
     */
    public static function values(array $fits): array
    {
        return array_map(static fn (StripeFit $fit): array => [
            'from' => $fit->range->from,
            'to' => $fit->range->to,
            'sequence' => array_map(static fn (Stripe $stripe): array => ['yarn' => $stripe->yarn, 'rounds' => $stripe->rounds], $fit->sequence),
            'says' => FitWords::of($fit),
            'reasons' => FitWords::reasons($fit),
        ], $fits);
    }
}
