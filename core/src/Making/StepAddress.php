<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Plan\Layer\RoundMoves;
use Alternum\Core\Plan\Layer\RoundRange;

/** Where in the work something is done: whoever keeps a place keeps this, and it stays true whatever else is changed. */
final readonly class StepAddress
{
    /**
     * @param string   $piece its key
     * @param int      $from  first round; 0: before the first
     * @param int      $to    last round
     * @param int|null $first of the stitches of the last round that it is about; null: of all, once they are worked
     * @param int|null $last  of them; null: as the first
     * @param int      $copy  from 1; 0: of every copy
     */
    public function __construct(
        public string $piece,
        public int $from,
        public int $to,
        public ?int $first = null,
        public ?int $last = null,
        public int $copy = 0,
    ) {
    }

    /** @param int $round once it is worked; 0: before the first */
    public static function after(string $piece, int $round, ?int $stitch = null): self
    {
        return new self($piece, $round, $round, $stitch);
    }

    public function ofCopy(int $copy): self
    {
        return new self(piece: $this->piece, from: $this->from, to: $this->to, first: $this->first, last: $this->last, copy: $copy);
    }

    /** @return list<self> one for each of its rounds, in the order of the work: what is gathered for the eye is kept round by round */
    public function rounds(): array
    {
        return array_map(
            fn (int $round): self => new self(
                piece: $this->piece, from: $round, to: $round, first: $round === $this->to ? $this->first : null, last: $this->last, copy: $this->copy,
            ),
            range($this->from, $this->to),
        );
    }

    /** The same place once rounds of the piece were put in, taken out or resized; null where none of them is left. */
    public function carried(RoundMoves $moves): ?self
    {
        $range = 0 === $this->to ? null : $moves->range(new RoundRange(max(1, $this->from), $this->to));
        if (null === $range) {
            return 0 === $this->to ? $this : null;
        }
        $first = null === $this->first ? null : $moves->along($this->to, $range->to, $this->first, 1);
        $last = null === $this->last || null === $first ? null : $first + $this->last - (int) $this->first;

        return new self(piece: $this->piece, from: $range->from, to: $range->to, first: $first, last: $last, copy: $this->copy);
    }
}
