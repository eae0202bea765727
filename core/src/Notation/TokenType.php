<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

enum TokenType
{
    case Number;
    case Ordinal;
    case Word;
    /** A word with a number inside: "sc2tog". */
    case Joined;
    case Open;
    case Close;
    case Times;
    case Dash;
    case Separator;
    case Stop;
    case Other;
}
