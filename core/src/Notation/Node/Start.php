<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\Dye;
use Alternum\Core\Notation\Stitch;

/** The first round's beginning: a number of one stitch into a magic ring, or into the second of two chains. */
final readonly class Start implements Node
{
    public function __construct(public bool $ring, public Stitch $stitch, public int $times, private int $position, private int $length, public ?Dye $dye = null)
    {
    }

    /** The same, with the yarn that is named before it. */
    public function dyed(Dye $dye): self
    {
        return new self($this->ring, $this->stitch, $this->times, $this->position, $this->length, $dye);
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
