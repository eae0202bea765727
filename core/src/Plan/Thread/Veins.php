<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

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
