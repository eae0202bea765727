<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly\Hold;

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
