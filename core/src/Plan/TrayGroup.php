<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** What belongs together among the things that can be put on a piece. */
enum TrayGroup: string
{
    case Face = 'face';
    case Thread = 'thread';
    case Things = 'things';
    /** Where a part goes that is no piece of the plan. */
    case Marks = 'marks';
}
