<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\RoundMoves;

/** How a joined round, or a row, is lifted to the height of its stitches where no chain is typed. What is typed holds. */
enum RoundLift: string implements PieceSetting
{
    /** Without a chain: the first stitch is drawn up a little. Usual in joined rounds. */
    case None = 'none';
    /** With chains as high as the first stitch, that do not count. Usual in rows. */
    case Chain = 'chain';
    /** The typed chains stand for the first stitch. */
    case Counted = 'counted';

    public static function field(): string
    {
        return 'lift';
    }

    public static function in(Fields $piece): self
    {
        return $piece->oneOf(self::field(), self::class);
    }

    /** What earlier versions wrote instead: whether the chain counts. */
    public static function inEarlier(Fields $piece): ?self
    {
        return $piece->has('chainCounts') && $piece->truth('chainCounts') ? self::Counted : null;
    }

    /** Whether chains are worked where none are typed. */
    public static function chains(?self $lift, Worked $worked): bool
    {
        return Worked::Rows === $worked ? self::None !== $lift : self::Chain === $lift;
    }

    public function values(): string
    {
        return $this->value;
    }

    public function carried(RoundMoves $moves): self
    {
        return $this;
    }
}
