<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

/** What often goes wrong at a step, and is soon put right. Common practice, no source; in words Words\TroubleWords. */
enum Trouble
{
    case TightBeginning;
    case HoleBetweenLegs;
    case DarkYarn;
    case FluffyYarn;
    case LumpyStuffing;
    case CaughtFibre;
    case StuffingShows;
    case TipsOver;
    case HoleLeft;
    case WeakYarn;
    case EndShows;
    case Wobbles;
    case SitsWrong;
}
