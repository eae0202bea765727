<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** How some rounds of a piece are said. */
enum Part: string
{
    case Rounds = 'rounds';
    case First = 'first';
    case Last = 'last';
    case Growing = 'growing';
    case Even = 'even';
    case Shrinking = 'shrinking';
    case Widest = 'widest';
}
