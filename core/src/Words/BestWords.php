<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Plan\Units;

/** A plan of changes against another, in the maker’s words. */
final class BestWords
{
    /** Less than this is the same, in metres. */
    private const SAME = 0.05;

    /**
     * "4 ends fewer, 0.8 m more, no jog shows".
     *
     * @param int   $ends    more than before; fewer where negative
     * @param float $metres  the same
     * @param int   $shows   jogs that show then
     * @param bool  $isExact every way was compared
     */
    public static function of(int $ends, float $metres, int $shows, Units $units, bool $isExact = true): string
    {
        $length = Units::Metric === $units ? $metres : $metres / Units::YARD_IN_METRES;
        $unit = Units::Metric === $units ? 'm' : 'yd';

        return implode(', ', [
            match (true) {
                0 === $ends => 'as many ends',
                default => abs($ends).(1 === abs($ends) ? ' end' : ' ends').($ends > 0 ? ' more' : ' fewer'),
            },
            abs($metres) < self::SAME ? 'as much yarn' : number_format(abs($length), 1)." {$unit}".($metres > 0 ? ' more' : ' less'),
            match ($shows) {
                0 => 'no jog shows',
                1 => '1 jog shows',
                default => "{$shows} jogs show",
            },
        ]).($isExact ? '' : '. The best found: with so many yarns, not every way was compared.');
    }
}
