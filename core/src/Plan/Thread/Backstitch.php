<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

use Alternum\Core\Plan\Format\Fields;

/** A line in backstitch along points that are set from its place. */
final readonly class Backstitch implements ThreadKind
{
    use AnyThread;

    /** On the outside each stitch lies once; inside the needle goes two stitches on and is drawn back by none. */
    private const TAKES = 3.0;

    public function __construct(public ThreadLine $line)
    {
    }

    public static function kind(): string
    {
        return 'backstitch';
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
        return "a line in backstitch, {$this->line->inWords()}";
    }

    public function how(): string
    {
        return 'Come up one stitch ahead, go in where the last one ended, and so on along the line';
    }
}
