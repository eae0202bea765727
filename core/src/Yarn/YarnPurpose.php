<?php

declare(strict_types=1);

namespace Alternum\Core\Yarn;

/** What the length of a yarn is made of. */
enum YarnPurpose: string
{
    case Stitches = 'stitches';
    /** Chains and slip stitches that begin, lift, close and join. */
    case Joins = 'joins';
    case Tails = 'tails';
    case Carries = 'carries';
    case Floats = 'floats';
    case Sewing = 'sewing';
    /** What is embroidered, with its ends and its ways inside. */
    case Thread = 'thread';
    case Spare = 'spare';
}
