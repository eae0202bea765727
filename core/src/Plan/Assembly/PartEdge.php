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

    public function inWords(): string
    {
        return match ($this) {
            self::Open => 'around its open edge',
            self::Flat => 'with its edge pressed flat',
            self::Gathered => 'with its edge gathered to about half',
            self::Closed => 'around its closed end',
            self::Side => 'along its side',
            self::Middle => 'across its middle',
        };
    }
}
