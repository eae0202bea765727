<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

/** Where, in working order, one yarn takes over from another. */
final readonly class YarnSwap
{
    /**
     * @param int    $round   of the old yarn's last stitch
     * @param int    $stitch  that stitch
     * @param string $from    yarn key
     * @param string $to      yarn key
     * @param bool   $isAtEnd it is the round's last
     */
    public function __construct(public int $round, public int $stitch, public string $from, public string $to, public bool $isAtEnd)
    {
    }

    /** The new yarn's first stitch. */
    public function next(): StitchPlace
    {
        return $this->isAtEnd ? new StitchPlace($this->round + 1, 1) : new StitchPlace($this->round, $this->stitch + 1);
    }
}
