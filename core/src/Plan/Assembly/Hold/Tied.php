<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly\Hold;

use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Plan\Assembly\AnyHold;
use Alternum\Core\Plan\Assembly\Hold;

/** Its two ends are taken through the fabric and knotted inside. */
final readonly class Tied implements Hold
{
    use AnyHold;

    public static function kind(): string
    {
        return 'tied';
    }

    public function drawing(): Series
    {
        return new Series('Tied by its own ends', [
            new Drawing('Take both ends through the fabric, a stitch apart.', Sketch::rows('nnnnnnn')->tail(Ink::New, 2)->tail(Ink::New, 3)),
            new Drawing('Knot them inside, no tighter than the part lies.', Sketch::rows('nnnnnnn')->knot(3, Ink::New, Ink::New)),
            new Drawing('Trim the ends, or leave them inside as stuffing.', Sketch::rows('nnnnnnn')->knot(3, Ink::New, Ink::New)->scissors(5)),
        ]);
    }

    public function label(): string
    {
        return 'tied by its own ends';
    }

    public function verb(): string
    {
        return 'tie';
    }

    public function takes(): float
    {
        return 0.0;
    }

    public function takesOnce(): float
    {
        return 160.0;
    }

    public function needsInside(): bool
    {
        return true;
    }

    public function toDo(string $part, string $edge, string $where): string
    {
        return "Tie {$part} {$where}";
    }

    public function how(): string
    {
        return 'Take both ends through the fabric a stitch apart and knot them on the other side, no tighter than the part lies: stuffed, the fabric stretches';
    }
}
