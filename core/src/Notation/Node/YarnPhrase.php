<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\Span;
use Alternum\Core\Notation\YarnWay;

/** A yarn named before stitches, or as what is changed to: "with B:", "change to B in last st". */
final readonly class YarnPhrase extends Node
{
    /**
     * @param string       $yarn   a letter, or a name as typed
     * @param list<string> $within the yarns of an increase's second top, its third and so on: "with A then B"
     * @param YarnWay|null $way    how it is joined; null where nothing is said
     */
    public function __construct(public string $yarn, Span $span, public array $within = [], public ?YarnWay $way = null)
    {
        parent::__construct($span);
    }
}
