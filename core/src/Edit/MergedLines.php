<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

/** Lines that she typed while others took the place of those that she saw. */
final class MergedLines
{
    /**
     * What she changed is changed in what stands there now; where both changed the same lines, hers stand.
     *
     * @param list<string>                         $saw   the lines that she began from
     * @param list<string>                         $typed what she made of them
     * @param list<string>                         $now   what they have become meanwhile
     * @param \Closure(list<string>): list<string> $said  what lines say apart from their numbers, which change where others are put in
     *
     * @return list<string>
     */
    public static function of(array $saw, array $typed, array $now, \Closure $said): array
    {
        if ($saw === $now) {
            return $typed;
        }
        $there = LineDifference::of($said($saw), $said($now));
        $merged = [];
        $taken = 0;
        foreach (LineDifference::of($said($saw), $said($typed)) as $hers) {
            if ($hers->isSame) {
                continue;
            }
            // As far as their change does not touch hers, it is taken; what she only put in takes nothing away.
            $end = self::at($there, $hers->oldTo, true);
            $from = max($taken, self::at($there, $hers->oldFrom, false), $hers->oldFrom === $hers->oldTo ? $end : 0);
            array_push($merged, ...\array_slice($now, $taken, $from - $taken), ...\array_slice($typed, $hers->newFrom, $hers->newTo - $hers->newFrom));
            $taken = max($from, $end);
        }

        return [...$merged, ...\array_slice($now, $taken)];
    }

    /**
     * Where a place between old lines is among the new ones. Lines put in just there lie before what begins there, and after what ends
     * there; a place within lines that were changed is the beginning, or the end, of all of them.
     *
     * @param list<LineBlock> $blocks
     */
    private static function at(array $blocks, int $place, bool $isEnd): int
    {
        $at = 0;
        foreach ($blocks as $block) {
            if ($block->oldTo < $place || ($block->oldTo === $place && ($block->oldFrom < $place || !$isEnd))) {
                $at = $block->newTo;
            } elseif ($block->oldFrom < $place) {
                return $isEnd ? $block->newTo : $block->newFrom;
            } else {
                break;
            }
        }

        return $at;
    }
}
