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
        return 0.0;
    }

    public function takesOnce(): float
    {
        return 150.0;
    }

    public function toDo(string $part, string $edge, string $where): string
    {
        return "Sew {$part} {$where}, as a hinge";
    }

    public function how(): string
    {
        return 'Sew over four or five stitches of the edge only, twice, so that the part opens like a lid';
    }
}
