<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\Worked;

/** How rounds are spelled: as short as on the bench, or as a printed pattern has them. */
enum Spelling
{
    case Bench;
    case Pattern;

    /** "R4-7", "Rnds 4–7 (4 rnds)". */
    public function head(Worked $worked, int $from, int $to): string
    {
        if (self::Bench === $this) {
            return $worked->head().$from.($to > $from ? "-{$to}" : '');
        }
        $one = Worked::Rows === $worked ? 'Row' : 'Rnd';

        return $to > $from ? "{$one}s {$from}–{$to} (".($to - $from + 1).' '.strtolower($one).'s)' : "{$one} {$from}";
    }

    /** " x6", " × 6". */
    public function times(int $times): string
    {
        return self::Bench === $this ? " x{$times}" : " × {$times}";
    }

    public function count(int $makes): string
    {
        return self::Bench === $this ? "({$makes})" : "[{$makes}]";
    }
}
