<?php

declare(strict_types=1);

namespace Alternum\Core\Yarn;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Plan;

/** How the yarn of one copy of a piece begins and ends: with a tail, a tail to sew with, or uncut from one piece into another. */
final readonly class Ends
{
    /**
     * @param float $beginning tails of the first yarn; a fraction where only some of the copies have one
     * @param float $end       tails of the last yarn that are not sewn with
     * @param bool  $isSewn    its last tail sews it on
     */
    private function __construct(public float $beginning, public float $end, public bool $isSewn)
    {
    }

    /**
     * Another piece that begins on the edge of one goes on in the yarn that is in hand there, where that is its own; of several that come
     * together the last one is not cut. What is worked on is not sewn on.
     *
     * @param array<string, Colouring> $colourings by piece
     *
     * @return array<string, self> by piece
     */
    public static function all(Plan $plan, array $colourings): array
    {
        $uncut = $workedOn = $goesOn = [];
        foreach ($plan->pieces as $piece) {
            // Loops that were left free are no edge: what begins there begins anew.
            if (null === $piece->start || Join::Loops === $piece->start->join) {
                continue;
            }
            foreach ($piece->start->pieces as $key) {
                $workedOn[$key] = true;
            }
            $last = $piece->start->pieces[\count($piece->start->pieces) - 1];
            if (!isset($uncut[$last]) && self::lastYarn($colourings[$last] ?? null) === self::firstYarn($colourings[$piece->key] ?? null)) {
                $uncut[$last] = $piece->copies->count;
                $goesOn[$piece->key] = true;
            }
        }
        $ends = [];
        foreach ($plan->pieces as $piece) {
            $cut = max(0, $piece->copies->count - ($uncut[$piece->key] ?? 0)) / $piece->copies->count;
            $isSewn = !isset($workedOn[$piece->key]);
            $ends[$piece->key] = new self(isset($goesOn[$piece->key]) ? 0.0 : 1.0, $isSewn ? 0.0 : $cut, $isSewn);
        }

        return $ends;
    }

    private static function firstYarn(?Colouring $colouring): ?string
    {
        $round = $colouring->rounds[0] ?? '';

        return '' === $round ? null : $round[0];
    }

    private static function lastYarn(?Colouring $colouring): ?string
    {
        $rounds = $colouring->rounds ?? [];
        $round = $rounds[\count($rounds) - 1] ?? '';

        return '' === $round ? null : $round[\strlen($round) - 1];
    }
}
