<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

/** The piece that is worked on from another. */
final readonly class GoesOn
{
    /**
     * @param string $name   its own
     * @param int    $copies how many are made of what it is worked on from
     * @param int    $uncut  of how many of them the yarn goes on
     * @param float  $tailCm that the others are left with
     */
    public function __construct(public string $name, public int $copies, public int $uncut, public float $tailCm)
    {
    }
}
