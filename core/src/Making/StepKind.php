<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

/** What is done in a step. */
enum StepKind: string
{
    case Start = 'start';
    case Round = 'round';
    case Change = 'change';
    case Eyes = 'eyes';
    /** Sewn or embroidered from outside with a thread. */
    case Thread = 'thread';
    case Part = 'part';
    case Turn = 'turn';
    case Stuff = 'stuff';
    case Close = 'close';
    case FastenOff = 'fasten-off';
    case Tail = 'tail';
    case Sew = 'sew';
    case Glue = 'glue';
    case Check = 'check';
    case Note = 'note';
}
