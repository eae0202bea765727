<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

/** The closing count, "(18)": what the maker expects the round to make. */
final readonly class Count
{
    public function __construct(public int $stitches, public int $position, public int $length)
    {
    }
}
