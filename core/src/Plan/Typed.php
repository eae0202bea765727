<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** The yarns that the typed words name, as typed. Where no such layer is laid, it lies right above the fill. */
final readonly class Typed implements Layer
{
    public function yarns(): array
    {
        return [];
    }

    /**
     * Where it lies among a piece's layers, if it is not laid there by itself: above all fills that they begin with.
     *
     * @param list<Laid> $colours
     *
     * @return int|null how many layers lie below it; null where it is one of them
     */
    public static function place(array $colours): ?int
    {
        $place = 0;
        foreach ($colours as $i => $laid) {
            if ($laid->layer instanceof self) {
                return null;
            }
            $place = $laid->layer instanceof Fill && $place === $i ? $i + 1 : $place;
        }

        return $place;
    }
}
