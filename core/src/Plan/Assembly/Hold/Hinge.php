<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly\Hold;

use Alternum\Core\Plan\Assembly\AnyHold;
use Alternum\Core\Plan\Assembly\Hold;

/** Sewn over a few stitches only, so that it opens. */
final readonly class Hinge implements Hold
{
    use AnyHold;

    public static function kind(): string
    {
        return 'hinge';
    }

    public function label(): string
    {
        return 'a hinge';
    }

    public function takes(): float
    {
        return 3.0;
    }

    public function how(): string
    {
        return 'Sew over a few stitches of the edge only, twice, so that the part opens like a lid';
    }
}
