<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\Span;

/** A part of a round as written, with the stretch of the line that it stands for. */
abstract readonly class Node
{
    public function __construct(public Span $span)
    {
    }
}
