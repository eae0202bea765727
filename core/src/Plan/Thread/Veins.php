<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

use Alternum\Core\Plan\Format\Fields;

/** Slip stitches worked on the surface with the hook, along points that are set from its place. */
final readonly class Veins implements ThreadKind
{
    use AnyThread;

    /** A slip stitch on the surface takes about so many times its length: from memory. */
    public const TAKES = 3.2;

    public function __construct(public ThreadLine $line)
    {
    }

    public static function kind(): string
    {
        return 'surface';
    }

    public static function read(Fields $fields): self
    {
        return new self(ThreadLine::read($fields));
    }

    public function values(): array
    {
        return $this->line->values();
    }

    public function strokes(ThreadSite $site): array
    {
        return $this->line->strokes($site, self::TAKES);
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
