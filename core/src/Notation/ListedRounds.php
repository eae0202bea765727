<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** Rounds that a list gives a yarn, "R3-4: B". */
final readonly class ListedRounds
{
    /**
     * @param int    $from in a sequence counted from its own begin, 1
     * @param int    $to   inclusive
     * @param string $yarn a letter, or a name as typed
     */
    public function __construct(public int $from, public int $to, public string $yarn)
    {
    }
}
