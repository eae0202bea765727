<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\RoundMoves;

/** Something that can be said of a piece in a field of its own, and is usual where nothing is said. */
interface PieceSetting
{
    /** The field's name in the plan's format. */
    public static function field(): string;

    /** @param Fields $piece the piece's, which have the field */
    public static function in(Fields $piece): self;

    /** In the plan's format; null or nothing where it is as usual, and is not written. */
    public function values(): mixed;

    /** The same once rounds have moved; null where what it names is gone. */
    public function carried(RoundMoves $moves): ?self;
}
