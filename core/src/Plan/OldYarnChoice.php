<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** What a maker wants to become of a yarn that is not in hand for a while. */
enum OldYarnChoice: string
{
    case Cut = 'cut';
    /** Kept until it comes back: taken up inside to a later round, or passing behind the stitches within one. */
    case Carry = 'carry';
    /** The same as Carry, which decides by where it comes back: older words for it. */
    case Float = 'float';
    /** Laid along the edge and crocheted over all the way. */
    case Over = 'over';
}
