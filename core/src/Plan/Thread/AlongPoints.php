<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

use Alternum\Core\Plan\Format\Fields;

/** What a kind of thread is that goes along points; it says how many mm of thread each mm of them takes. */
trait AlongPoints
{
    use AnyThread;

    public function __construct(public readonly ThreadLine $line)
    {
    }

    abstract private function takes(): float;

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
        return $this->line->strokes($site, $this->takes());
    }

    public function windsAround(): bool
    {
        return true;
    }
}
