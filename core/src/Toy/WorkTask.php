<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Plan\Piece;

/** One thing of a toy's making: copies of a piece are made, or a part is put on. */
final readonly class WorkTask
{
    /**
     * @param Piece|null     $piece        that is made; null: a part is put on
     * @param int            $copy         the first of its copies that is made, from 1
     * @param int            $count        how many of them
     * @param bool           $isSideBySide a round of each in turn
     * @param LaidJoint|null $joint        what is put on
     */
    private function __construct(public ?Piece $piece, public int $copy, public int $count, public bool $isSideBySide, public ?LaidJoint $joint)
    {
    }

    public static function make(Piece $piece, int $copy, int $count, bool $isSideBySide): self
    {
        return new self($piece, $copy, $count, $isSideBySide && $count > 1, null);
    }

    public static function join(LaidJoint $joint): self
    {
        return new self(null, 0, 0, false, $joint);
    }
}
