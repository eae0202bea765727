<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

use Alternum\Core\Drawing\Series;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\TrayThing;

/** One kind of what is embroidered with thread: all that is known of it stands in its own file, and ThreadKinds lists it. */
interface ThreadKind
{
    /** The word for the kind in the plan's format. */
    public static function kind(): string;

    /** @return list<TrayThing> as what it can be put on a piece */
    public static function tray(): array;

    /** How it usually is, common practice, from memory; $what is one of its tray's. Null: it cannot be put there. */
    public static function usual(string $what, UsualSite $site): ?UsualThread;

    /** How it is made, in a few small drawings. */
    public static function drawing(): Series;

    /** Its own fields of the plan's format; what is wrong with them is noted at its path. */
    public static function read(Fields $fields): self;

    /** @return array<string, mixed> its own fields, as read() takes them */
    public function values(): array;

    /**
     * Where it lies, in the order in which a needle makes it.
     *
     * @return list<ThreadStroke>
     */
    public function strokes(ThreadSite $site): array;

    /** Where it ends on another piece; null: it stays on its own. */
    public function farEnd(): ?FarEnd;

    /** Thread that it takes beside the strokes, in mm. */
    public function besidesMm(): float;

    /** Where lengths in mm are said of it, so many times as long. */
    public function scaled(float $times): self;

    /** Whether its two ends are to be hidden. */
    public function hasTails(): bool;

    /** Whether it may go around the piece more than once; else it is one thing at its place. */
    public function windsAround(): bool;

    /** How many of what is set side by side come to a stitch of the place's round; 0 where it is one thing. */
    public function toAStitch(ThreadSite $site): float;

    /** What it is, with its size: "a smile, 6 stitches wide". */
    public function named(): string;

    /** How it is made, from where it begins: "Come up at one end …". */
    public function how(): string;
}
