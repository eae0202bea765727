<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\Span;

/** A stated number of rounds: "(5 rounds)", "x3 rounds". */
final readonly class Stated extends Node
{
    /** @param bool $isTotal with those that are worked already */
    public function __construct(public int $rounds, Span $span, public bool $isTotal = false)
    {
        parent::__construct($span);
    }
}
