<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Finish;

/** How the last round of a piece ends. Each is common practice, no source. */
enum PieceEnd: string
{
    /** The tail goes through the front loop of each stitch, and is pulled. */
    case FrontLoops = 'front-loops';
    /** Through that of every second stitch, where there are many. */
    case EverySecond = 'every-second';
    /** Through all of them, twice around. */
    case Twice = 'twice';
    /** Pressed flat, and worked together across both sides. */
    case Flat = 'flat';
    /** Open, with a long tail that sews it on. */
    case Sewn = 'sewn';
    case Open = 'open';
    /** Open, its last stitch joined to the first with the needle, so that no step shows. */
    case NeedleJoin = 'needle-join';

    /** Whether it leaves no opening. */
    public function closes(): bool
    {
        return match ($this) {
            self::FrontLoops, self::EverySecond, self::Twice, self::Flat => true,
            self::Sewn, self::Open, self::NeedleJoin => false,
        };
    }
}
