<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** How a round's words close it, with a slip stitch that uses none of its stitches. */
enum Closed: string
{
    /** Into its first stitch, as joined rounds are. */
    case ToFirst = 'sl st to first st';
    /** Into the next, so that a spiral ends level. */
    case Level = 'sl st';
}
