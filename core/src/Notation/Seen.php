<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** What a piece's lines show of the habits that they are written in. */
final class Seen
{
    /** Lines that close their round with a slip stitch. */
    public int $joins = 0;
    /** The first of them, from 1. */
    public int $joinsAt = 0;
    /** Lines that say "row" and turn, or begin along one side of a chain. */
    public int $rows = 0;
    public int $rowsAt = 0;
    /** X, V and A name stitches. */
    public bool $letters = false;
}
