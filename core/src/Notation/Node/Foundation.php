<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\Closed;
use Alternum\Core\Notation\Span;
use Alternum\Core\Notation\Stitch;

/** What the first round's stitches are worked into: a ring, one chain, a chain's sides, a chain joined into a ring. */
final readonly class Foundation extends Node
{
    /**
     * @param int  $chains 0: a magic ring
     * @param int  $from   the chain from the hook that takes the first stitch
     * @param bool $joined the chain is joined into a ring
     * @param bool $into   stitches go into that ring, not into its chains
     */
    public function __construct(public int $chains, public int $from, Span $span, public bool $joined = false, public bool $into = false)
    {
        parent::__construct($span);
    }

    public static function ring(Span $span): self
    {
        return new self(0, 0, $span);
    }

    /** Whether all stitches go into one place, the ring or one chain, so that none is counted below them. */
    public function isPoint(): bool
    {
        return $this->joined ? $this->into : $this->chains <= $this->from;
    }

    /** Chains to work into, along one side or around. */
    public function side(): int
    {
        return $this->joined ? $this->chains : max(0, $this->chains - $this->from + 1);
    }

    /** Places along both sides: the far end counts once, the chain that was begun in is come back to. */
    public function bothSides(): int
    {
        return $this->joined ? $this->chains : max(0, 2 * $this->side() - 1);
    }

    /** The chain as a round of its own, where nothing is worked into it. */
    public function alone(): Line
    {
        $chain = new Work(Stitch::Chain, $this->chains, $this->span);

        return new Line(null, $this->joined ? [$chain, new Close($this->span, Closed::ToFirst)] : [$chain], $this->span);
    }

    public function intoRing(Span $span): self
    {
        return new self($this->chains, $this->from, $span, $this->joined, true);
    }
}
