<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

enum FaultKind
{
    case LeftOver;
    case TooMany;
    case Miscount;
    case NoStart;
    case NewYarn;
    case Other;
}
