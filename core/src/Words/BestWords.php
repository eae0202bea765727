<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Plan\Counted;
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
                0 === $ends => 'same number of ends',
                default => Counted::of(abs($ends), 'end').($ends > 0 ? ' more' : ' fewer'),
            },
            abs($metres) < self::SAME ? 'same yarn' : number_format(abs($length), 1)." {$unit}".($metres > 0 ? ' more' : ' less'),
            Counted::of($shows, 'jog shows'),
        ]).($isExact ? '' : '. The best found: with so many yarns, not every way was compared.');
    }
}
