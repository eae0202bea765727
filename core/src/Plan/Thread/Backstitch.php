<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Plan\TrayGroup;
use Alternum\Core\Plan\TrayThing;

/** A line in backstitch along points that are set from its place. */
final readonly class Backstitch implements ThreadKind
{
    use AlongPoints;

    /** On the outside each stitch lies once; inside the needle goes two stitches on and is drawn back by none. */
    private const TAKES = 3.0;

    public static function kind(): string
    {
        return 'backstitch';
    }

    public static function tray(): array
    {
        return [new TrayThing(self::kind(), 'Backstitch', TrayGroup::Thread)];
    }

    public static function usual(string $what, UsualSite $site): UsualThread
    {
        return new UsualThread(new self(ThreadLine::usual()), $site->at(0.5));
    }

    public static function drawing(): Series
    {
        return new Series('Backstitch', [
            new Drawing('Up one stitch ahead of where the last one ended.', Sketch::rows('ooooooo')->strand(0, 0, 2, 0)->way(54, 54, 90, 54, 14)),
            new Drawing('In where the last one ended, and on.', Sketch::rows('ooooooo')->strand(0, 0, 2, 0)->strand(4, 0, 2, 0)->needle(4, Ink::New)),
            self::endsInside(),
        ]);
    }

    private function takes(): float
    {
        return self::TAKES;
    }

    public function named(): string
    {
        return "a line in backstitch, {$this->line->inWords()}";
    }

    public function how(): string
    {
        return 'Come up one stitch ahead, go in where the last one ended, and so on along the line';
    }
}
