<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

/** What becomes of the old yarn at a change. */
enum OldYarn: string
{
    /** Cut; where it comes back, it begins with a new tail. */
    case Cut = 'cut';
    /** Taken up inside to a later round. */
    case Carry = 'carry';
    /** Passes behind the stitches to its next one in the same round. */
    case Float = 'float';
    /** Its loop waits where it is, until it goes on from there one round higher: one of several yarns in one spiral. */
    case Wait = 'wait';
    /** Lies along the edge, and is crocheted over until it comes back. */
    case Over = 'over';
}
