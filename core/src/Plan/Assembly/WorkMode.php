<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly;

/** In which order a toy is made: makers differ. */
enum WorkMode: string
{
    /** All pieces first, then they are put together. */
    case PiecesFirst = 'pieces';
    /** Each part is put on as soon as it is made. */
    case PartByPart = 'parts';
    /** As pieces first, and the copies of a piece are worked side by side, so that they come out alike. */
    case SideBySide = 'twins';
}
