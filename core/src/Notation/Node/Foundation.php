<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

/** What the first round's stitches are worked into, said before them: a ring, or a chain and where on it they begin. */
final readonly class Foundation implements Node
{
    /**
     * @param int $chains 0: a magic ring
     * @param int $from   the chain from the hook that takes the first stitch
     */
    public function __construct(public int $chains, public int $from, private int $position, private int $length)
    {
    }

    /** Whether all stitches go into one place, the ring or the second of two chains, so that none is counted below them. */
    public function isPoint(): bool
    {
        return $this->chains <= $this->from;
    }

    /** Chains to work into, along one side. */
    public function side(): int
    {
        return max(0, $this->chains - $this->from + 1);
    }

    /** Places along both sides: the far end counts once, the chain that was begun in is come back to. */
    public function bothSides(): int
    {
        return max(0, 2 * $this->side() - 1);
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
