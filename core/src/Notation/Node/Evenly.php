<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\Span;
use Alternum\Core\Notation\Stitch;

/** "Increase 6 evenly around": a number of one stitch, spread among plain ones. */
final readonly class Evenly extends Filling
{
    public function __construct(public Stitch $stitch, public int $times, Span $span)
    {
        parent::__construct($span);
    }
}
