<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

/** One of the goes in which a piece is stuffed. */
final readonly class StuffGo
{
    /**
     * @param int   $go      from 1
     * @param int   $of      how many there are
     * @param float $grams   for the whole piece
     * @param bool  $isNeck  what lies below is about to be shut off by a neck
     * @param bool  $hasTool no finger gets in any more: it is pushed in with a tool
     */
    public function __construct(public int $go, public int $of, public float $grams, public bool $isNeck = false, public bool $hasTool = false)
    {
    }
}
