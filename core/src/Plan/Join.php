<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** How a piece begins on others that were made before it. */
enum Join: string
{
    /** On the open edge of one piece. */
    case Opening = 'opening';
    /** On the open edge of one piece, and folded back over it: a brim, a cuff. */
    case Rim = 'rim';
    /** In the loops that a round of one piece left free, as the round after it went into one loop only. */
    case Loops = 'loops';
    /** On the open edges of several, joined by chains between them: two legs. */
    case Bridge = 'bridge';
    /** Around two that are worked together over some stitches: two domes of a heart. */
    case Seam = 'seam';
    /** Through both of two flat layers with the same number of stitches. */
    case Layers = 'layers';
    /** Around a flat piece worked in rows: along its last row, its row-ends, its beginning and its other row-ends. */
    case Edge = 'edge';
    /** Around two such pieces that lie on one another, through both. */
    case Edges = 'edges';
    /** In the spaces between the rounds of a tube, up one side in a straight line and down the other. */
    case Side = 'side';
    /** In the loops that several rounds of one piece left free, which make a spiral. */
    case SpiralLoops = 'spiral-loops';

    /** @return array{int, int} how many pieces come together, at the least and at the most */
    public function pieces(): array
    {
        return match ($this) {
            self::Opening, self::Rim, self::Loops, self::Edge, self::Side, self::SpiralLoops => [1, 1],
            self::Bridge => [2, 8],
            self::Seam, self::Layers, self::Edges => [2, 2],
        };
    }

    /** Whether a number of chains or of stitches lies between the pieces. */
    public function hasAcross(): bool
    {
        return self::Bridge === $this || self::Seam === $this;
    }

    /** Whether some of the edge's stitches can be picked. */
    public function canPick(): bool
    {
        return self::Opening === $this || self::Rim === $this || self::Loops === $this;
    }

    /** Whether rounds of the piece are named that it begins on. */
    public function hasRounds(): bool
    {
        return self::Loops === $this || self::Side === $this || self::SpiralLoops === $this;
    }

    /** Whether the slip stitch that joins the last round leaves a gap there that can be worked into. */
    public function hasGap(): bool
    {
        return self::Opening === $this || self::Rim === $this;
    }

    /** Whether both pieces are worked through at once. */
    public function isThroughBoth(): bool
    {
        return self::Layers === $this || self::Edges === $this;
    }

    /** Whether the piece stands off the other: a skirt, a brim, a row of fringe. */
    public function standsOff(): bool
    {
        return \in_array($this, [self::Rim, self::Loops, self::SpiralLoops], true);
    }

    /** Whether the piece goes on from the edge at which the other ends, so that its yarn need not be cut. */
    public function goesOn(): bool
    {
        return !$this->hasRounds();
    }
}
