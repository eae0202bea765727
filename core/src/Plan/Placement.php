<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** Where eyes, ears, limbs … are set: between two rounds, one alone or two about a middle. */
final readonly class Placement
{
    /**
     * @param Anchor     $anchor    what the round is counted from
     * @param int        $number    of Anchor::Round the round; of Anchor::Change the colour change, from 1; of Anchor::Placement the placement, from 1
     * @param int        $offset    rounds on from there
     * @param float|null $apart     stitches between the two; null: one alone
     * @param float      $fromFront degrees from the front to their middle, in the working direction
     */
    public function __construct(
        public PlacementKind $kind,
        public string $name,
        public Anchor $anchor,
        public int $number,
        public int $offset = 0,
        public ?float $apart = null,
        public float $fromFront = 0.0,
    ) {
    }

    public function at(int $round, ?float $apart): self
    {
        return new self($this->kind, $this->name, $this->anchor, $round, $this->offset, $apart, $this->fromFront);
    }
}
