<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\Span;

/** A stated number of rounds: "(5 rounds)", "x3 rounds". */
final readonly class Stated extends Node
{
    public function __construct(public int $rounds, Span $span)
    {
        parent::__construct($span);
    }
}
