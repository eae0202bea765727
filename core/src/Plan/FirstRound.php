<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\RoundMoves;

/**
 * Which end of a piece its round 1 is: of one that stands its top or its bottom; of one that lies, as many animals are worked, the end with its face or
 * with its tail. Lying, degrees count from the middle of its back, and its underside is what is hidden.
 */
enum FirstRound: string implements PieceSetting
{
    case Top = 'top';
    case Bottom = 'bottom';
    case Face = 'face';
    case Tail = 'tail';

    /** Whether the piece lies on its underside, its rounds one behind the other. */
    public function lies(): bool
    {
        return self::Face === $this || self::Tail === $this;
    }

    /** Whether round 1 is drawn above the others: the top of what stands, the face of what lies, seen from above. */
    public function isAbove(): bool
    {
        return self::Top === $this || self::Face === $this;
    }

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
