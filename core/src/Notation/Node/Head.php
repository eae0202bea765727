<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

/** "R4-7:", with the rounds that it names. */
final readonly class Head
{
    public function __construct(public int $from, public int $to, public int $position, public int $length)
    {
    }
}
