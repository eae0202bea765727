<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Plan\TrayGroup;
use Alternum\Core\Plan\TrayThing;

/** Slip stitches worked on the surface with the hook, along points that are set from its place. */
final readonly class Veins implements ThreadKind
{
    use AlongPoints;

    /** A slip stitch on the surface takes about so many times its length: from memory. */
    public const TAKES = 3.2;

    public static function kind(): string
    {
        return 'surface';
    }

    public static function tray(): array
    {
        return [new TrayThing(self::kind(), 'Surface slip stitch', TrayGroup::Thread)];
    }

    public static function usual(string $what, UsualSite $site): UsualThread
    {
        return new UsualThread(new self(ThreadLine::usual()), $site->at(0.5));
    }

    public static function drawing(): Series
    {
        return new Series('Surface slip stitch', [
            new Drawing('Yarn inside, hook outside: draw up a loop at the beginning.', Sketch::rows('ooooooo')->through(1, Ink::New)->hook(2)),
            new Drawing(
                'Draw up a loop a stitch further, and through the one on the hook.',
                Sketch::rows('ooooooo')->strand(0, 0, 1, 0)->strand(1, 0, 2, 0)->through(3, Ink::New)->hook(4),
            ),
            self::endsInside(),
        ]);
    }

    private function takes(): float
    {
        return self::TAKES;
    }

    public function named(): string
    {
        return "surface slip stitches, {$this->line->inWords()}";
    }

    public function how(): string
    {
        return 'With the yarn inside and the hook outside, draw up a loop at the beginning, then a loop a stitch further and through the one on the hook, and'
            .' so on along the line';
    }
}
