<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\Span;
use Alternum\Core\Notation\Stitch;

/** "sc, hdc and dc at random around": one of some stitches in each, as the maker pleases. Laid out in turn, as one is as good as another. */
final readonly class Freely extends Filling
{
    /** @param non-empty-list<Stitch> $stitches each uses one stitch and makes one */
    public function __construct(public array $stitches, Span $span)
    {
        parent::__construct($span);
    }
}
