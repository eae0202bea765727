<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

/** How some rounds of a piece are said. */
enum RoundGroup: string
{
    case Numbered = 'rounds';
    case First = 'first';
    case Last = 'last';
    case Growing = 'growing';
    case Even = 'even';
    case Shrinking = 'shrinking';
    case Widest = 'widest';
}
