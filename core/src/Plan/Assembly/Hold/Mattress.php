<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly\Hold;

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
