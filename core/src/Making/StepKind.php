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

    /** Whether what is done so cannot be undone, or not without a trace: set with a washer, stuffed, closed, cut, glued, sewn. */
    public function isForGood(): bool
    {
        return match ($this) {
            self::Eyes, self::Thread, self::Stuff, self::Close, self::FastenOff, self::Tail, self::Sew, self::Glue => true,
            self::Start, self::Round, self::Change, self::Part, self::Turn, self::Check, self::Note => false,
        };
    }
}
