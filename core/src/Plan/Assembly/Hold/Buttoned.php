<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly\Hold;

use Alternum\Core\Plan\Assembly\AnyHold;
use Alternum\Core\Plan\Assembly\Hold;

/** A loop on the part goes over a button. */
final readonly class Buttoned implements Hold
{
    use AnyHold;

    public static function kind(): string
    {
        return 'button';
    }

    public function label(): string
    {
        return 'button and loop';
    }

    public function takes(): float
    {
        return 0.0;
    }

    public function takesOnce(): float
    {
        return 300.0;
    }

    public function isRemovable(): bool
    {
        return true;
    }

    public function toDo(string $part, string $edge, string $where): string
    {
        return "Sew a button {$where} and button {$part} on";
    }

    public function how(): string
    {
        return 'Chain a loop at the edge that just goes over the button, and sew the button on with a shank as thick as the fabric';
    }

    public function caution(): string
    {
        return 'A button is a small part: not for a child under three. Crochet a knot instead, and follow the safety rules where you live.';
    }
}
