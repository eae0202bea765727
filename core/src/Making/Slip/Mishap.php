<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Slip;

/** What goes wrong beside the count. */
enum Mishap: string
{
    case ChangeOvershot = 'change-overshot';
    case WrongYarn = 'wrong-yarn';
    case PartForgotten = 'part-forgotten';
    case LoopDropped = 'loop-dropped';
}
