<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\Dye;
use Alternum\Core\Notation\Loop;

/** A bracketed group a number of times, or as often as the round has room: "(sc, inc) x6". */
final readonly class Repeat implements Node
{
    /**
     * @param non-empty-list<Node> $items
     * @param int|null             $times null: around
     */
    public function __construct(public array $items, public ?int $times, private int $position, private int $length, public ?Loop $loop = null, public ?Dye $dye = null)
    {
    }

    /** The same, worked in one loop. */
    public function in(Loop $loop): self
    {
        return new self($this->items, $this->times, $this->position, $this->length, $loop, $this->dye);
    }

    /** The same, with the yarn that is named before it. */
    public function dyed(Dye $dye): self
    {
        return new self($this->items, $this->times, $this->position, $this->length, $this->loop, $dye);
    }

    public function position(): int
    {
        return $this->position;
    }

    public function length(): int
    {
        return $this->length;
    }
}
