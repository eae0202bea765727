<?php

declare(strict_types=1);

namespace Alternum\Core\Yarn;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Form\Finishing;
use Alternum\Core\Plan\Plan;

/** How the yarn of one copy of a piece begins and ends: with a tail, a tail to sew with, or uncut from one piece into another. */
final readonly class Ends
{
    /**
     * @param float $beginning  tails of the first yarn; a fraction where only some of the copies have one
     * @param float $startCm    how long each of those is
     * @param float $end        tails of the last yarn
     * @param float $endCm      how long each of those is
     * @param bool  $isSewn     its last tail sews it on
     * @param bool  $isLevelled a slip stitch levels its end
     * @param bool  $isHidden   the tail it starts with is still to be hidden once the piece is worked
     */
    private function __construct(
        public float $beginning,
        public float $startCm,
        public float $end,
        public float $endCm,
        public bool $isSewn,
        public bool $isHidden,
        public bool $isLevelled = false,
    ) {
    }

    /**
     * Another piece that begins on the edge of one goes on in the yarn that is in hand there, where that is its own; of several that come
     * together the last one is not cut. What is worked on is not sewn on.
     *
     * @param array<string, Colouring> $colourings by piece
     * @param array<string, Finishing> $finishings by piece
     *
     * @return array<string, self> by piece, of those that are given
     */
    public static function all(Plan $plan, array $colourings, array $finishings): array
    {
        $uncut = $goesOn = [];
        foreach ($plan->pieces as $piece) {
            // Loops that were left free, and a tube's side, are no edge: what begins there begins anew.
            if (!isset($finishings[$piece->key]) || null === $piece->start || !$piece->start->join->goesOn()) {
                continue;
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
            $finishing = $finishings[$piece->key] ?? null;
            if (null === $finishing) {
                continue;
            }
            $ends[$piece->key] = new self(
                beginning: isset($goesOn[$piece->key]) ? 0.0 : 1.0,
                startCm: $finishing->start->cm($plan->yarnUse),
                end: $cut,
                endCm: null === $finishing->end ? $plan->yarnUse->tailCm : $finishing->tailCm,
                isSewn: $finishing->sews,
                isHidden: $finishing->start->isLeft(),
                isLevelled: $finishing->levelled,
            );
        }

        return $ends;
    }

    public function isSame(self $other): bool
    {
        return get_object_vars($this) === get_object_vars($other);
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
