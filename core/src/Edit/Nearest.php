<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

/** Looks for the count at which a measure that grows with it comes nearest to what is asked. */
final class Nearest
{
    private const STEPS = 6;

    /**
     * @param int                  $guess   where it begins
     * @param int                  $least   no count below is tried
     * @param int                  $most    nor above
     * @param float                $asked   the measure that is asked for, in the unit of the others
     * @param float                $step    about how much of it one more gives
     * @param \Closure(int): float $measure of a count; may refuse what is too little or too much
     *
     * @return int the count, from least to most
     *
     * @throws EditRefused where what it steps to is refused
     */
    public static function to(int $guess, int $least, int $most, float $asked, float $step, \Closure $measure): int
    {
        $off = [];
        $at = max($least, min($most, $guess));
        for ($i = 0; $i < self::STEPS && !isset($off[$at]); ++$i) {
            $measured = $measure($at);
            $off[$at] = abs($asked - $measured);
            $at = max($least, min($most, $at + (int) round(($asked - $measured) / $step)));
        }
        foreach ([$at - 1, $at + 1] as $beside) {
            if (!isset($off[$beside]) && $beside >= $least && $beside <= $most) {
                try {
                    $off[$beside] = abs($asked - $measure($beside));
                } catch (EditRefused) {
                    // There is nothing beside it.
                }
            }
        }
        asort($off);

        return array_key_first($off) ?? $at;
    }
}
