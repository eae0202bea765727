<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\Span;

/** Chains that lift the hook to the height of a row or a joined round. */
final readonly class Lift extends Node
{
    /** @param bool $chainIsFirst it counts as the first stitch */
    public function __construct(public int $chains, Span $span, public bool $chainIsFirst = false)
    {
        parent::__construct($span);
    }
}
