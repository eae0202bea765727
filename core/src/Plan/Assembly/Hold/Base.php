<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly\Hold;

use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Plan\Assembly\AnyHold;
use Alternum\Core\Plan\Assembly\Hold;

/** Thread taken through base and fabric, back and forth. */
final readonly class Base implements Hold
{
    use AnyHold;

    public static function kind(): string
    {
        return 'base';
    }

    public function drawing(): Series
    {
        return new Series('Through its base', [
            new Drawing('Down through base and fabric, up a stitch further.', Sketch::rows('nnnnnnn')->needle(2, Ink::New)->part(3)),
            new Drawing(
                'Around its middle, back and forth, and draw it snug.',
                Sketch::rows('nnnnnnn')->part(3)->strand(2.4, 0, 4.4, 0)->strand(2.4, -0.8, 4.4, -0.8),
            ),
            self::endHidden(),
        ]);
    }

    public function label(): string
    {
        return 'through its base';
    }

    public function takes(): float
    {
        return 2.0;
    }

    public function takesOnce(): float
    {
        return 60.0;
    }

    public function toDo(string $part, string $edge, string $where): string
    {
        return "Sew {$part} {$where}, through its base";
    }

    public function how(): string
    {
        return 'Take the thread down through base and fabric and back up a stitch further, around its middle, and draw it snug';
    }
}
