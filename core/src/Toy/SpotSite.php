<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Frame\Frame;
use Alternum\Core\Place\Spot;
use Alternum\Core\Plan\Thread\ThreadSite;

/** A spot on a piece as a kind of thread sees it. */
final readonly class SpotSite implements ThreadSite
{
    public function __construct(private Frame $frame, private Spot $spot)
    {
    }

    public function degrees(float $stitches): float
    {
        return $stitches / $this->frame->makes(max(1, $this->spot->round)) * 360.0;
    }

    public function roundsUp(): int
    {
        return $this->frame->beginsAtTop() ? $this->spot->round : $this->frame->rounds() - $this->spot->round;
    }
}
