<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\Span;

/** A count, "(18)": what the maker expects the round to make. */
final readonly class Count extends Node
{
    public function __construct(public int $stitches, Span $span)
    {
        parent::__construct($span);
    }
}
