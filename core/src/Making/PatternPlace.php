<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

/** Where a written pattern says a step. */
enum PatternPlace
{
    /** On the line of its rounds. */
    case OnRounds;
    /** On a line of its own as it was typed. */
    case AsTyped;
    /** On a line of its own under them. */
    case UnderRounds;
    /** With how the piece ends, on its last line. */
    case Ending;
    /** Nowhere: the line of its rounds says all that there is to do. */
    case Nowhere;
}
