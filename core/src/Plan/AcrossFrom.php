<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** The kinds of things that a place is counted from around the piece. */
enum AcrossFrom: string
{
    case Front = 'front';
    case Seam = 'seam';
    case Beside = 'beside';
    case Mirror = 'mirror';
    case Increase = 'increase';
}
