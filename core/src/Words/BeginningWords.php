<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\JoinedStart;

/** Says what a piece begins on that begins on others. */
final class BeginningWords
{
    /**
     * What a piece begins on: "around Leg and Leg, joined by 3 chains between them".
     *
     * @param list<string> $names of the pieces
     */
    public static function of(JoinedStart $start, array $names): string
    {
        $all = implode(' and ', $names);
        $some = match (true) {
            null === $start->take => '',
            $start->take->stitches > 0 => "{$start->take->stitches} stitches, spread evenly, of ",
            default => "stitches {$start->take->from} to {$start->take->to} of ",
        };

        return match ($start->join) {
            Join::Opening => "on {$some}the opening of {$all}".($start->gap ? ', and once into the gap of the joining slip stitch' : ''),
            Join::Rim => "on {$some}the opening of {$all}, folded back over it".($start->gap ? ', and once into the gap of the joining slip stitch' : ''),
            Join::Loops => "in {$some}the loops that round {$start->round} of {$all} left free",
            Join::Bridge => "around {$all}, joined by {$start->across} chains between them",
            Join::Seam => "around {$all}, worked together over {$start->across} stitches".($start->counts ? ', which count' : ''),
            Join::Layers => "through both of {$all}",
            Join::Edge => "around the edge of {$all}: along its last row, down its row-ends, along its beginning, up its other row-ends",
            Join::Edges => "around the edges of {$all}, through both at once",
            Join::Side => "into the side of {$all}, in the spaces after rounds {$start->round} to {$start->to}, up one side and down the other",
            Join::SpiralLoops => "in {$some}the loops that rounds {$start->round} to {$start->to} of {$all} left free",
        };
    }
}
