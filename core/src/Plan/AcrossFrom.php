<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** The kinds of things that a place is counted from around the piece. */
enum AcrossFrom: string
{
    /** The piece's front, which the maker may turn. */
    case Front = 'front';
    /** The side away from the marker's line, where the jogs are. */
    case Seam = 'seam';
    /** The middle of another place. */
    case Beside = 'beside';
    /** The middle of another place, over on the front's other side. */
    case Mirror = 'mirror';
    /** The middle of an increase of the place's own round. */
    case Increase = 'increase';
}
