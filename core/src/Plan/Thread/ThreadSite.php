<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

/** The place that a thread is laid from, as far as a kind of thread asks. */
interface ThreadSite
{
    /** Degrees that so many stitches of the place's round take. */
    public function degrees(float $stitches): float;

    /** Rounds above the place, as the piece stands; below it where negative. */
    public function roundsUp(): int;
}
