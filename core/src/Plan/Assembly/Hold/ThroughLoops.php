<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly\Hold;

use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
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

    public function drawing(): Series
    {
        return new Series('A seam through both loops', [
            new Drawing('Under both loops of one edge and of the other.', Sketch::rows('nnnnnnn')->needle(2, Ink::New)),
            new Drawing(
                'Stitch by stitch along both edges.',
                Sketch::rows('nnnnnnn')->strand(1, 1, 1, -1.4)->strand(2, 1, 2, -1.4)->strand(3, 1, 3, -1.4)->strand(4, 1, 4, -1.4),
            ),
            self::endHidden(),
        ]);
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
