<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Place\Change;

/** Rounds that are worked alike, and what comes with or after them. */
final readonly class Step
{
    /**
     * @param int          $from    first round
     * @param int          $to      last round
     * @param int          $makes   stitches that each of them makes
     * @param string       $inHand  letter of the yarn in hand before them; '' before the first
     * @param list<Change> $changes told once they are worked, in working order
     * @param list<Placed> $placed  set once they are worked
     * @param list<string> $cues    what her own words say to do or to mind there
     * @param bool         $slips   its first stitch is a slip stitch, or begins with one, as the change before it is treated so
     * @param int          $onward  stitches that are worked on after them before the marker is moved, where no yarn changes there
     */
    public function __construct(
        public int $from,
        public int $to,
        public int $makes,
        public string $inHand,
        public array $changes,
        public array $placed,
        public array $cues,
        public bool $slips = false,
        public int $onward = 0,
    ) {
    }
}
