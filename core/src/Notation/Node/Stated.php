<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\Span;

/** A stated number of rounds: "(5 rounds)", "x3 rounds". */
final readonly class Stated extends Node
{
    /**
     * @param bool $isTotal with those that are worked already
     * @param bool $isAbout it is not known before they are worked
     */
    public function __construct(public int $rounds, Span $span, public bool $isTotal = false, public bool $isAbout = false)
    {
        parent::__construct($span);
    }
}
