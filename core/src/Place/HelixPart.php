<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

/** Where, in a spiral of several yarns, one yarn stops and the next is worked. */
enum HelixPart
{
    /** In its first round, in which they are begun one after another. */
    case Begins;
    /** In the round after it, the first in which each goes on from where its loop waits. */
    case Follows;
    case GoesOn;
    /** In its last round. */
    case Ends;
}
