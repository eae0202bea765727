<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Sketch;

/** What a kind of thread answers unless it knows better. */
trait AnyThread
{
    public function farEnd(): ?FarEnd
    {
        return null;
    }

    public function besidesMm(): float
    {
        return 0.0;
    }

    public function scaled(float $times): self
    {
        return $this;
    }

    public function hasTails(): bool
    {
        return true;
    }

    public function windsAround(): bool
    {
        return false;
    }

    public function toAStitch(ThreadSite $site): float
    {
        return 0.0;
    }

    /** The last drawing of a thread with two ends. */
    private static function endsInside(): Drawing
    {
        return new Drawing(
            'Take both ends through the inside and out, and trim them.',
            Sketch::rows('ooooooo')->tail(Ink::New, 1)->tail(Ink::New, 5)->scissors(5),
        );
    }
}
