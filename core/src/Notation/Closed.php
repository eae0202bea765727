<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** How a round's words close it, with a slip stitch that uses none of its stitches. */
enum Closed: string
{
    /** Into its first stitch, as joined rounds are. */
    case ToFirst = 'sl st to first st';
    /** Into the back loop of its first stitch. */
    case ToBackLoop = 'sl st to back loop of first st';
    /** Into the next, so that a spiral ends level. */
    case Level = 'sl st';

    /** Whether it says the first stitch, as joined rounds do. */
    public function joins(): bool
    {
        return self::Level !== $this;
    }
}
