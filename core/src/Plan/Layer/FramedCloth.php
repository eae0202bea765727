<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

/** Cloth whose places around the piece are known. Degrees count from the front, in the working direction. */
interface FramedCloth extends Cloth
{
    /** Whether round 1 is the top of the piece as it stands. */
    public function beginsAtTop(): bool;

    /** The column, from 1 at the side where odd rounds begin, in which so many cells begin for their middle to come nearest to a place. */
    public function column(int $round, float $fromFront, int $cells): int;

    /**
     * Gives a row of cells to a round, as they are seen from outside with the piece upright, the leftmost first. Flat work has two
     * sides: what would lie beyond them is left out.
     *
     * @param string   $cells  a yarn's letter for each; Motif::CLEAR leaves a stitch as it is
     * @param int|null $column where the first of them lies; null: so that their middle comes nearest to the place
     */
    public function row(int $round, float $fromFront, string $cells, ?int $column = null): void;

    /**
     * Gives the same row of cells to a round again and again: as row() does, at even distances.
     *
     * @param float  $fromFront of the first one's middle
     * @param float  $apart     degrees from one to the next
     * @param string $cells     the same from both sides
     */
    public function rows(int $round, float $fromFront, float $apart, int $count, string $cells): void;
}
