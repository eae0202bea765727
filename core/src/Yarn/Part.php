<?php

declare(strict_types=1);

namespace Alternum\Core\Yarn;

/** What the length of a yarn is made of. */
enum Part: string
{
    case Stitches = 'stitches';
    case Tails = 'tails';
    case Carries = 'carries';
    case Floats = 'floats';
    case Sewing = 'sewing';
    case Spare = 'spare';
}
