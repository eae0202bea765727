<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** How a piece goes from one round to the next. */
enum Worked: string
{
    case Spiral = 'spiral';
    case Joined = 'joined';
    case Rows = 'rows';

    /** The word for one time across: "round", or "row" when the piece is worked flat and turned. */
    public function once(): string
    {
        return self::Rows === $this ? 'row' : 'round';
    }

    /** The short head of a written line. */
    public function head(): string
    {
        return self::Rows === $this ? 'Row ' : 'R';
    }
}
