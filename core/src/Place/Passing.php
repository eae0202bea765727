<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

use Alternum\Core\Frame\Frame;

/** How a yarn that is not in hand passes behind stitches, and where it is caught. */
final class Passing
{
    /**
     * @param float $degrees where the yarn hangs, as Frame::degrees() has it
     *
     * @return int stitches of the round in which it comes back, from where it hangs to there, the shorter way; against the working direction
     *             where negative, and none in rows, where it is at the edge
     */
    public static function across(Frame $frame, float $degrees, StitchPlace $back): int
    {
        $turn = ($frame->degrees($back->round, $back->stitch - 1) - $degrees) / 360.0;

        return $frame->isFlat() ? 0 : (int) round(($turn - round($turn)) * $frame->makes($back->round));
    }

    /**
     * Where a float is caught: at even distances of a stitch less than it may pass, and a stitch on in every other round, so that the
     * places do not stand above one another. Common practice, no source.
     *
     * @param int $round  whose parity decides
     * @param int $after  the last stitch before it; before the round's first where it is 0 or less
     * @param int $floats stitches that a yarn may pass without being caught
     *
     * @return list<StitchPlace>
     */
    public static function catches(Frame $frame, int $round, int $after, StitchPlace $back, int $floats): array
    {
        $passes = $back->stitch - 1 - $after;
        if ($passes <= $floats) {
            return [];
        }
        $times = (int) ceil($passes / max(1, $floats - 1)) - 1;
        $on = 0 === $round % 2 ? 1 : 0;
        $catches = [];
        for ($i = 1; $i <= $times; ++$i) {
            $stitch = min($back->stitch - 1, $after + (int) round($i * $passes / ($times + 1)) + $on);
            $catches[] = $stitch > 0 || 1 === $back->round
                ? new StitchPlace($back->round, max(1, $stitch))
                : new StitchPlace($back->round - 1, $frame->makes($back->round - 1) + $stitch);
        }

        return $catches;
    }
}
