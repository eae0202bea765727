<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly;

/** Which of a part's edges touches what it is put on. */
enum PartEdge: string
{
    /** Its open edge, all around. */
    case Open = 'open';
    /** Its open edge pressed flat, both sides together. */
    case Flat = 'flat';
    /** Its edge drawn together to about half. */
    case Gathered = 'gathered';
    /** The closed end that its last round was drawn shut to. */
    case Closed = 'closed';
    /** Along its side, from end to end. */
    case Side = 'side';
    /** Its middle, over its whole width. */
    case Middle = 'middle';
    /** Its widest round, where it is set into something. */
    case Around = 'around';

    public function inWords(): string
    {
        return match ($this) {
            self::Open => 'around the open edge',
            self::Flat => 'along the edge, pressed flat',
            self::Gathered => 'around the edge, gathered to about half',
            self::Closed => 'around the closed end',
            self::Side => 'along the side',
            self::Middle => 'across the middle',
            self::Around => 'around the widest round',
        };
    }
}
