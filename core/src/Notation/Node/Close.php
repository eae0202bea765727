<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\Span;

/** The round is closed with a slip stitch, which uses none of its stitches: "sl st to first st", "join". */
final readonly class Close extends Node
{
    /** @param bool $joins it says the first stitch, or "join": so rounds are closed; else a spiral is ended level */
    public function __construct(Span $span, public bool $joins)
    {
        parent::__construct($span);
    }
}
