<?php

declare(strict_types=1);

namespace Alternum\Core\Yarn;

/** A length of one yarn in the work on a whole plan. */
final readonly class YarnLength
{
    /**
     * @param string $piece  the piece's key
     * @param int    $copy   which of its copies, from 1
     * @param int    $round  as LedgerEntry has it, and so `from` and `to`
     * @param string $yarn   the key of the yarn that this copy takes
     * @param float  $mean   mm, as the figures say, all strands together
     * @param float  $spread mm that it may be more or less
     */
    public function __construct(
        public string $piece,
        public int $copy,
        public int $round,
        public int $from,
        public int $to,
        public YarnPurpose $purpose,
        public string $yarn,
        public float $mean,
        public float $spread,
    ) {
    }
}
