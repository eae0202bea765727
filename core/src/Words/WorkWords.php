<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Plan\Piece;
use Alternum\Core\Toy\WorkTask;

/** What is made next. */
final class WorkWords
{
    /** Before the work is put down for a while. Common practice, no source. */
    public static function park(): string
    {
        return 'Draw the loop long, or put a marker into it, so that nothing comes undone while the work is out of your hand.';
    }

    /** "Ear 2", "Left ear": one copy of a piece. */
    public static function copy(Piece $piece, int $copy): string
    {
        $name = '' === $piece->name ? $piece->key : $piece->name;

        return $piece->copies->named[$copy - 1]->name ?? (1 === $piece->copies->count ? $name : "{$name} {$copy}");
    }

    /** "Make Ear 1 and 2 side by side, a round of each in turn, so that they come out alike". */
    public static function make(Piece $piece, WorkTask $task): string
    {
        $copies = range($task->copy, $task->copy + $task->count - 1);
        $isAll = $task->count === $piece->copies->count;
        $what = match (true) {
            1 === $piece->copies->count => $piece->name,
            null !== $piece->copies->named => YarnWords::listed(...array_map(static fn (int $copy): string => self::copy($piece, $copy), $copies)),
            $isAll => "{$piece->name} (".(2 === $task->count ? 'both' : "all {$task->count}").')',
            default => "{$piece->name} ".YarnWords::listed(...array_map(strval(...), $copies)),
        };

        return "Make {$what}".($task->isSideBySide ? ' side by side, a round of each in turn, so that they come out alike' : '');
    }
}
