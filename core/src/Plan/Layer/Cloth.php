<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

/** A piece's stitches, to be given yarns. Rounds and stitches count from 1; what the piece does not have is passed over. */
interface Cloth
{
    /** @return list<int> stitches that each round makes */
    public function counts(): array;

    /** Gives all stitches of some rounds a yarn. */
    public function whole(int $from, int $to, string $yarn): void;

    /**
     * Gives stitches of a round the yarns of a string of letters, from a stitch on, past the round's end too.
     *
     * @param int    $stitch  the first one's, any number: it is wrapped to the round
     * @param string $letters a yarn's letter for each; Motif::CLEAR leaves a stitch as it is
     */
    public function letters(int $round, int $stitch, string $letters): void;

    /**
     * Where loops wait while several yarns are worked in one spiral: the stitch after which each yarn's section but the last ends.
     *
     * @return array<int, list<int>> by round
     */
    public function loops(int $from, int $to, int $strands): array;

    /** Lays the yarns that the typed words name. */
    public function typed(): void;
}
