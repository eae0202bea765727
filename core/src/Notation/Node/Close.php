<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\Closed;
use Alternum\Core\Notation\Span;

/** The round is closed with a slip stitch, which uses none of its stitches: "sl st to first st", "join". */
final readonly class Close extends Node
{
    public function __construct(Span $span, public Closed $closed)
    {
        parent::__construct($span);
    }
}
