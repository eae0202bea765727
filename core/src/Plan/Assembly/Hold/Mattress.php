<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly\Hold;

use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Plan\Assembly\AnyHold;
use Alternum\Core\Plan\Assembly\Hold;

/** From side to side between the stitches, so that the seam closes over itself. */
final readonly class Mattress implements Hold
{
    use AnyHold;

    public static function kind(): string
    {
        return 'mattress';
    }

    public function drawing(): Series
    {
        return new Series('Mattress stitch', [
            new Drawing('Take a bar of the one side, then one of the other.', Sketch::rows('nnnnnnn')->needle(1, Ink::New)->strand(2, 0, 2, -2)),
            new Drawing(
                'Draw it up every few stitches: the seam closes over the thread.',
                Sketch::rows('nnnnnnn')->strand(1, 0, 1, -2)->strand(2, -2, 2, 0)->strand(3, 0, 3, -2)->way(126, 60, 150, 60, 8),
            ),
            self::endHidden(),
        ]);
    }

    public function label(): string
    {
        return 'mattress stitch';
    }

    public function takes(): float
    {
        return 3.2;
    }

    public function how(): string
    {
        return 'Take a bar of the fabric, then one behind the edge, and draw the thread up every few stitches so that the seam disappears';
    }
}
