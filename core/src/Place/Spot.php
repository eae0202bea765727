<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

/** A Place found on a piece: one point, or two that lie alike on both sides of their middle. */
final readonly class Spot
{
    /**
     * @param int         $round    it lies between this round and the next, or in it; 0: at the pole that it begins with
     * @param bool        $isWithin in the round itself
     * @param bool        $isPole   in the middle of an end, where no side is another
     * @param list<float> $degrees  of each point around the piece, from round 1's beginning
     * @param list<float> $after    stitches of the round before each point, from its beginning
     */
    public function __construct(public int $round, public bool $isWithin, public bool $isPole, public array $degrees, public array $after)
    {
    }

    /** @return float rounds from the beginning, as the surface counts them: between two lies on the edge of the first */
    public function level(): float
    {
        return $this->round - ($this->isWithin ? 0.5 : 0.0);
    }
}
