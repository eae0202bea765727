<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Practice;

/** What a first small ball teaches, in the order in which it comes. */
enum Lesson: string
{
    case Ring = 'ring';
    case Marker = 'marker';
    case Counting = 'counting';
    case Change = 'change';
    case PlainJog = 'plain-jog';
    case DrawnLoop = 'drawn-loop';
    case Stuffing = 'stuffing';
    case Closing = 'closing';
    case Tails = 'tails';
}
