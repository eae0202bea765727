<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

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
