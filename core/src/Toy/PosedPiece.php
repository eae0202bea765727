<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

/** A copy of a piece where it is on the whole toy. */
final readonly class PosedPiece
{
    /**
     * @param string      $piece its key
     * @param int         $copy  from 1
     * @param string|null $on    the key of the piece that it is on, or that is worked on from it; null: it stands by itself
     */
    public function __construct(public string $piece, public int $copy, public Pose $pose, public ?string $on = null)
    {
    }
}
