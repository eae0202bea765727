<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** What a placement's round is counted from. */
enum Anchor: string
{
    /** Between a round and the next: "between rounds 9 and 10". */
    case Round = 'round';
    /** "Two rounds below the colour change." */
    case Change = 'change';
    /** Rounds on from the last of the widest. */
    case Widest = 'widest';
    /** "In line with the eyes." */
    case Placement = 'placement';
    /** "The second round of the third stripe". */
    case Band = 'band';
    /** The middle of one of its ends. */
    case Pole = 'pole';
    /** The edge that its last round leaves. */
    case Edge = 'edge';

    /** Whether it is one of several, told by a number. */
    public function isNumbered(): bool
    {
        return match ($this) {
            self::Round, self::Change, self::Band, self::Pole => true,
            self::Widest, self::Placement, self::Edge => false,
        };
    }
}
