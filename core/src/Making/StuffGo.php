<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

/** One of the goes in which a piece is stuffed. */
final readonly class StuffGo
{
    /**
     * @param int   $go    from 1
     * @param int   $of    how many there are
     * @param float $grams for the whole piece
     */
    public function __construct(public int $go, public int $of, public float $grams)
    {
    }
}
