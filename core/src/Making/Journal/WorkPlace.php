<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Journal;

/** How far one copy of a piece is: so many stitches of a round are made, and all of the rounds before it. */
final readonly class WorkPlace
{
    /**
     * @param int $round  from 1; 0: nothing is made
     * @param int $stitch of it
     */
    public function __construct(public int $round, public int $stitch)
    {
    }

    public static function start(): self
    {
        return new self(0, 0);
    }

    public function isAfter(self $other): bool
    {
        return [$this->round, $this->stitch] > [$other->round, $other->stitch];
    }
}
