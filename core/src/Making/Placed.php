<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Place\Spot;
use Alternum\Core\Plan\Placement;

/** A placement as it comes to lie, and what is in its way. */
final readonly class Placed
{
    /**
     * @param int         $round    it lies between this round and the next
     * @param bool        $isAtEdge there is no next
     * @param list<float> $degrees  of each point around the piece
     * @param list<float> $after    stitches of the round before each point, from its beginning
     * @param float|null  $apartMm  along the fabric from one to the other; null: it is one alone
     * @param list<int>   $steps    rounds at whose end a step lies beside it
     * @param list<int>   $hides    rounds at whose end a step lies under it
     * @param bool        $isOnEdge it lies on the edge of a colour
     * @param int|null    $deadline of what has a washer: the last round in which a hand reaches it; null: any, or it has none
     */
    public function __construct(
        public Placement $placement,
        public Spot $spot,
        public int $round,
        public bool $isAtEdge,
        public array $degrees,
        public array $after,
        public ?float $apartMm,
        public array $steps,
        public array $hides,
        public bool $isOnEdge,
        public ?int $deadline,
    ) {
    }

    /** Whether the opening is too small already when the round above it is worked. */
    public function isOutOfReach(): bool
    {
        return null !== $this->deadline && $this->deadline <= $this->round;
    }
}
