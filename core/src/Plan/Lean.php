<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\RoundMoves;

/** How far the stitches of a piece lean, as its maker measured it; where nothing is said, as the plan says. */
final readonly class Lean implements PieceSetting
{
    /** @param float $stitches to the working direction, a round */
    public function __construct(public float $stitches)
    {
    }

    public static function field(): string
    {
        return 'lean';
    }

    public static function in(Fields $piece): self
    {
        return new self($piece->number(self::field(), -2, 2));
    }

    public function values(): int|float|null
    {
        return Number::plain($this->stitches);
    }

    public function carried(RoundMoves $moves): self
    {
        return $this;
    }
}
