<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** The gauge of a piece, where it is its own, its yarn's or the plan's: see Plan::gaugeOf. */
final class PieceGauge
{
    /** With another gauge for a piece, wherever its own comes from. */
    public static function put(Plan $plan, Piece $piece, Gauge $gauge): Plan
    {
        $ground = $plan->groundOf($piece);

        return match (true) {
            null !== $piece->gauge => $plan->withPiece($piece->set($gauge)),
            null !== $ground->gauge => $plan->withYarns(array_map(
                static fn (Yarn $yarn): Yarn => $yarn->key === $ground->key ? $yarn->withGauge($gauge) : $yarn,
                $plan->yarns,
            )),
            default => $plan->withGauge($gauge),
        };
    }

    /** @return float|null mm: the hook of a piece where not all are worked with the same; null: there is nothing to be minded */
    public static function hook(Plan $plan, Piece $piece): ?float
    {
        $hooks = array_map(static fn (Piece $one): ?float => $plan->gaugeOf($one)->hookMm, $plan->pieces);

        return \count(array_unique($hooks, \SORT_REGULAR)) < 2 ? null : $plan->gaugeOf($piece)->hookMm;
    }

    /**
     * How much of a yarn a single crochet of a piece takes. What was measured in one gauge is taken to be as much longer or shorter in another
     * as a stitch is wider or narrower: common practice, no source.
     *
     * @return float mm of one strand
     */
    public static function single(Plan $plan, Yarn $yarn, Piece $piece): float
    {
        return ($yarn->measure ?? $plan->yarnUse->measure)->single($plan->gaugeOf($piece), $yarn->gauge ?? $plan->gauge, $yarn);
    }
}
