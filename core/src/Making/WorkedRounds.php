<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Place\Change;

/** Rounds that are worked alike. */
final readonly class WorkedRounds
{
    /**
     * @param int         $from   first round
     * @param int         $to     last round
     * @param int         $makes  stitches that each of them makes
     * @param string      $inHand letter of the yarn in hand before them; '' before the first
     * @param list<int>   $slips  tops, from 0, that are slip stitches, as a change there or before is treated so
     * @param Change|null $ends   the change at the end of the last of them, at which the start is not moved on
     */
    public function __construct(
        public int $from,
        public int $to,
        public int $makes,
        public string $inHand,
        public array $slips = [],
        public ?Change $ends = null,
    ) {
    }
}
