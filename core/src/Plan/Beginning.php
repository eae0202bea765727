<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** The pieces that a piece begins on, and how they are joined. A piece without one begins in a ring or in chains. */
final readonly class Beginning
{
    /**
     * @param non-empty-list<string> $pieces keys, each made earlier in the plan; one may be named twice, for two copies
     * @param int                    $across chains in each bridge, or stitches that a seam takes from each side
     */
    public function __construct(public Join $join, public array $pieces, public int $across = 0)
    {
    }

    /**
     * How many stitches the first round finds.
     *
     * A bridge's chains are worked along both sides: 15 + 3 + 15 + 3 = 36.
     *
     * @param non-empty-list<int> $openings stitches in each piece's last round, in the order of the pieces
     */
    public function stitches(array $openings): int
    {
        return match ($this->join) {
            Join::Opening, Join::Layers => $openings[0],
            Join::Bridge => array_sum($openings) + 2 * (\count($openings) - 1) * $this->across,
            Join::Seam => array_sum($openings) - 2 * (\count($openings) - 1) * $this->across,
        };
    }

    /**
     * In words, for the written pattern.
     *
     * @param list<string> $names of the pieces
     */
    public function inWords(array $names): string
    {
        $all = implode(' and ', $names);

        return match ($this->join) {
            Join::Opening => "on the opening of {$all}",
            Join::Bridge => "around {$all}, joined by {$this->across} chains between them",
            Join::Seam => "around {$all}, worked together over {$this->across} stitches",
            Join::Layers => "through both of {$all}",
        };
    }
}
