<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

/** A part of a round as written. Positions are characters of the line, from 0. */
interface Node
{
    public function position(): int;

    public function length(): int;
}
