<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly\Hold;

use Alternum\Core\Plan\Assembly\AnyHold;
use Alternum\Core\Plan\Assembly\Hold;
use Alternum\Core\Plan\Assembly\PartEdge;

/** Two edges laid together, loop on loop. */
final readonly class ThroughLoops implements Hold
{
    use AnyHold;

    public static function kind(): string
    {
        return 'loops';
    }

    public function label(): string
    {
        return 'a seam through both loops';
    }

    public function takes(): float
    {
        return 2.6;
    }

    public function isStitchByStitch(): bool
    {
        return true;
    }

    public function fits(PartEdge $edge): bool
    {
        return \in_array($edge, [PartEdge::Open, PartEdge::Flat, PartEdge::Gathered], true);
    }

    public function how(): string
    {
        return 'Take the needle through both loops of one edge and of the other, stitch by stitch';
    }
}
