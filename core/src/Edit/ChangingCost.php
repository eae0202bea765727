<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

/** What the changes of one copy of a piece cost. */
final readonly class ChangingCost
{
    /**
     * @param int   $ends to be hidden
     * @param float $mm   of yarn on changing
     */
    public function __construct(public int $ends, public float $mm, public int $jogs)
    {
    }
}
