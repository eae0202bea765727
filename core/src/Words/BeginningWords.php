<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Plan\Counted;
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
        $all = self::together($names);
        $some = match (true) {
            null === $start->take => '',
            $start->take->stitches > 0 => "{$start->take->stitches} stitches, spread evenly, of ",
            default => "stitches {$start->take->from} to {$start->take->to} of ",
        };

        return match ($start->join) {
            Join::Opening => "on {$some}the opening of {$all}".($start->gap ? ', and once into the gap of the joining slip stitch' : ''),
            Join::Rim => "on {$some}the opening of {$all}, folded back over it".($start->gap ? ', and once into the gap of the joining slip stitch' : ''),
            Join::Loops => "in {$some}the loops that round {$start->round} of {$all} left free",
            Join::Bridge => "around {$all}, joined by ".Counted::of($start->across, 'chain'),
            Join::Seam => "around {$all}, worked together over ".Counted::of($start->across, 'stitch').($start->counts ? ', which count' : ''),
            Join::Layers => str_starts_with($all, 'both ') ? "through {$all}" : "through both of {$all}",
            Join::Edge => "around the edge of {$all}: along its last row, down its row-ends, along its beginning, up its other row-ends",
            Join::Edges => "around the edges of {$all}, through both at once",
            Join::Side => "into the side of {$all}, in the spaces after rounds {$start->round} to {$start->to}, "
                .($start->isOneSide ? 'up one side' : 'up one side and down the other'),
            Join::SpiralLoops => "in {$some}the loops that rounds {$start->round} to {$start->to} of {$all} left free",
        };
    }

    /**
     * How a piece is begun on others that chains join: which yarn goes on, where the first stitch goes, and the way around.
     *
     * @param list<string> $names of the pieces
     */
    public static function bridge(JoinedStart $start, array $names, string $single): string
    {
        $isPair = 2 === \count($names);
        $isOne = 1 === \count(array_unique($names));
        $which = static fn (int $i): string => $isOne
            ? 'the '.(0 === $i ? 'first' : ($isPair ? 'second' : 'last')).' '.self::one(mb_strtolower($names[0]))
            : $names[$i];
        [$first, $last] = [$which(0), $which(\count($names) - 1)];
        $chain = $start->across > 0 ? "ch {$start->across}, " : '';
        $along = $start->across > 0 ? ', along the chain' : '';
        $back = $start->across > 0 ? ', and back along the other side of the chain' : '';

        $joins = "from {$last} {$chain}join to {$first} with {$single}, the first stitch of round 1; work around {$first}{$along}";

        return $isPair
            ? "{$joins}, around {$last}{$back}. Close the gap between them with the end, or with a stitch or two"
            : "{$joins} and half-way around the next, and so on to the last; go all around that, and back along the other sides";
    }

    /** One of several: "leg" of "legs". */
    private static function one(string $names): string
    {
        return match (true) {
            str_ends_with($names, 'feet') => substr($names, 0, -4).'foot',
            str_ends_with($names, 'hooves') => substr($names, 0, -6).'hoof',
            str_ends_with($names, 'ss') => $names,
            default => rtrim($names, 's'),
        };
    }

    /**
     * "both legs", "Left leg and Right leg".
     *
     * @param list<string> $names
     */
    private static function together(array $names): string
    {
        if (2 === \count($names) && 1 === \count(array_unique($names))) {
            $name = self::one(mb_strtolower($names[0]));

            return 'both '.match (true) {
                str_ends_with($name, 'foot') => substr($name, 0, -4).'feet',
                str_ends_with($name, 'hoof') => substr($name, 0, -4).'hooves',
                str_ends_with($name, 's') => $name,
                default => "{$name}s",
            };
        }

        return implode(' and ', $names);
    }
}
