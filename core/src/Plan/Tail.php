<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** What becomes of an end of yarn. Each school is common practice, no source; so are its lengths. */
enum Tail: string
{
    /** Knotted to the other yarn's, inside. */
    case Knot = 'knot';
    case Weave = 'weave';
    /** Left inside, with the stuffing. */
    case Inside = 'inside';
    /** Crocheted over for three or four stitches. */
    case Over = 'over';
    /** Used to sew with. */
    case Sew = 'sew';
    /** Kept outside, to hang the piece by. */
    case Keep = 'keep';

    /** A knot needs fingers' length, and stitches that are crocheted over it a little more. */
    private const KNOT = 8.0;
    private const OVER = 10.0;

    public function cm(YarnUse $use): float
    {
        return match ($this) {
            self::Knot => min(self::KNOT, $use->tailCm),
            self::Over => min(self::OVER, $use->tailCm),
            self::Sew => $use->sewingTailCm,
            self::Weave, self::Inside, self::Keep => $use->tailCm,
        };
    }

    /** Whether it is still to be hidden once the piece is worked. */
    public function isLeft(): bool
    {
        return self::Weave === $this || self::Sew === $this;
    }
}
