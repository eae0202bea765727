<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\RoundMoves;

/** Which end of a piece its round 1 is, as the finished piece stands. */
enum FirstRound: string implements PieceSetting
{
    case Top = 'top';
    case Bottom = 'bottom';

    public static function field(): string
    {
        return 'firstRound';
    }

    public static function in(Fields $piece): self
    {
        return $piece->oneOf(self::field(), self::class);
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
