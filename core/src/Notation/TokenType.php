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
    /** An x before a number. */
    case Times;
    /** One or several stars. */
    case Star;
    case Dash;
    /** Comma or semicolon. */
    case Separator;
    /** Full stop or colon. */
    case Stop;
    /** Between two columns of a table. */
    case Bar;
    /** An equals sign or an arrow, before what something makes. */
    case Equals;
    case Other;
}
