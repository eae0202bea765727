<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Guide;

/** One piece as it is made beside the hands, stop by stop. */
final readonly class Guide
{
    /**
     * @param array<int, GuidedRound> $rounds by number
     * @param list<Stop>              $stops  in the order of the work
     */
    public function __construct(public array $rounds, public array $stops)
    {
    }

    /** @return int stitches that are worked from the beginning of a round to one of its places, of all rounds before it, too */
    public function worked(int $round, int $made): int
    {
        $worked = 0;
        foreach ($this->rounds as $number => $guided) {
            if ($number < $round) {
                $worked += $guided->worked->makes;
            }
        }

        return $worked + $made;
    }
}
