<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Plan\Worked;

/** What a round is worked on: the round before it, and what the piece's lines have said so far. */
final readonly class RoundBelow
{
    /**
     * @param int             $number      the round's, from 1
     * @param int             $below       stitches that the round below made; those of other pieces for the first round
     * @param int             $on          stitches of other pieces that the piece begins on
     * @param bool            $chainCounts the chain that lifts a round stands for its first stitch
     * @param int             $lifted      chains at the end of the row before, for this one
     * @param Foundation|null $foundation  what the first round is worked into, said on a line of its own
     * @param bool            $joins       rounds before were closed
     * @param bool            $letters     X, V and A name stitches
     */
    public function __construct(
        public int $number,
        public int $below,
        public int $on,
        public Worked $worked,
        public bool $chainCounts = false,
        public int $lifted = 0,
        public ?Foundation $foundation = null,
        public bool $joins = false,
        public bool $letters = false,
    ) {
    }

    /** The same for two that are alike; null where that is not worth telling. */
    public function key(): ?string
    {
        return null === $this->foundation
            ? "{$this->number} {$this->below} {$this->on} {$this->worked->value} {$this->lifted} ".($this->chainCounts
                ? 'c'
                : '').($this->joins ? 'j' : '').($this->letters ? 'l' : '')
            : null;
    }
}
