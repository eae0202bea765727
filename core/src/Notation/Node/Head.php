<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\Span;

/** "R4-7:", with the rounds that it names; "Next 3 rnds:" names none. */
final readonly class Head extends Node
{
    /**
     * @param int|null $from    null: the next one
     * @param int      $rounds  how many
     * @param Span     $numbers the rounds' name and numbers alone, without brackets and signs
     * @param bool     $row     it says "row"
     */
    public function __construct(public ?int $from, public int $rounds, Span $span, public Span $numbers, public bool $row = false)
    {
        parent::__construct($span);
    }

    public function to(): ?int
    {
        return null === $this->from ? null : $this->from + $this->rounds - 1;
    }
}
