<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\Span;

/** A yarn named before stitches, or as what is changed to: "with B:", "change to B in last st". */
final readonly class Yarn extends Node
{
    /**
     * @param string      $yarn   a letter, or a name as typed
     * @param string|null $within the yarn of an increase's second top: "with A then B"
     * @param string|null $how    how it is joined, as typed: "standing", "cut", "carry", "over the tails"; null where nothing is said
     */
    public function __construct(public string $yarn, Span $span, public ?string $within = null, public ?string $how = null)
    {
        parent::__construct($span);
    }
}
