<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

/** Stitches of one round that the brush went over, both ends among them; past the round's end it goes on at its beginning. */
final readonly class BrushStroke
{
    public function __construct(public int $round, public int $from, public int $to)
    {
    }
}
