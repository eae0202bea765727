<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly\Hold;

use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Plan\Assembly\AnyHold;
use Alternum\Core\Plan\Assembly\Hold;

/** Over the edge into the fabric, stitch by stitch around. */
final readonly class Whip implements Hold
{
    use AnyHold;

    public static function kind(): string
    {
        return 'whip';
    }

    public function drawing(): Series
    {
        return new Series('Whip stitch', [
            new Drawing('Through a stitch of the fabric, up through one of the edge.', Sketch::rows('nnnnnnn')->needle(1, Ink::New, true)),
            new Drawing(
                'Over and over along the edge, drawn snug.',
                Sketch::rows('nnnnnnn')->strand(0, -2, 1, 0.6)->strand(1, -2, 2, 0.6)->strand(2, -2, 3, 0.6)->strand(3, -2, 4, 0.6),
            ),
            self::endHidden(),
        ]);
    }

    public function label(): string
    {
        return 'whip stitch';
    }

    public function takes(): float
    {
        return 3.0;
    }

    public function how(): string
    {
        return 'Take the needle through a stitch of the fabric and up through a stitch of the edge, over and over';
    }
}
