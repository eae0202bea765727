<?php

declare(strict_types=1);

namespace Alternum\Core\Yarn;

/** A length of one yarn, and where in the work of one copy it goes. */
final readonly class LedgerEntry
{
    /**
     * @param int    $round    in which it is worked, left or cut
     * @param int    $from     the first stitch made of it; of what is no stitch, the one that it comes after, 0 before the first
     * @param int    $to       the last one; of what is no stitch, as `from`
     * @param int    $stitches made of it
     * @param string $yarn     its key
     * @param float  $worth    in single crochets' worth, as it is not known yet how long one is
     * @param float  $mm       what is as long as it is, whatever a stitch takes
     * @param float  $ends     that it leaves to be hidden; a fraction where only some of the copies have one
     * @param bool   $isChange a change of yarn makes it
     */
    public function __construct(
        public int $round,
        public int $from,
        public int $to,
        public YarnPurpose $purpose,
        public string $yarn,
        public int $stitches = 0,
        public float $worth = 0.0,
        public float $mm = 0.0,
        public float $ends = 0.0,
        public bool $isChange = false,
    ) {
    }

    /** @param float $single mm of yarn in one single crochet */
    public function mm(float $single): float
    {
        return $this->worth * $single + $this->mm;
    }
}
