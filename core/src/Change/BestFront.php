<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Plan\Piece;

/**
 * The best side to turn to the viewer: the one whose nearest jog, weighted by its height, is farthest. It is sought as if automatic
 * changes were plain: once the steps lie at the back, they need no treatment.
 */
final readonly class BestFront
{
    /** So many degrees farther the nearest jog of a whole round must be, or the eye does not tell it: common practice, no source. */
    private const WORTH = 10;

    /**
     * @param float      $degrees  a whole number, 0 to 359
     * @param float|null $nearest  degrees to the nearest jog from there, or from the present front where that is as good; null: there is none
     * @param bool       $isBetter than the present front, so that the eye tells it
     * @param bool       $isBest   the present front is the best one itself
     * @param bool       $isFixed  how the piece begins leaves only a few sides to choose from
     */
    private function __construct(public float $degrees, public ?float $nearest, public bool $isBetter, public bool $isBest, public bool $isFixed = false)
    {
    }

    /**
     * To the nearest degree; of equals, the one that the piece is turned to least.
     *
     * @param list<int> $sides degrees that can be the front; none: any
     */
    public static function of(Piece $piece, Fabric $fabric, Colouring $byRounds, array $sides = []): self
    {
        $heights = [];
        foreach (Treatments::of($piece, $fabric, $byRounds, null)->at as $treatment) {
            if ($treatment->followsFront()) {
                continue;
            }
            $at = (int) round($treatment->degrees) % 360;
            $heights[$at] = max($heights[$at] ?? 0.0, Ways::of($treatment->method)->step());
        }

        return self::among($heights, $piece->frontDegrees, $sides);
    }

    /**
     * @param array<int, float> $heights of the steps, in rounds, by their whole degrees
     * @param float             $front   as it is
     * @param list<int>         $sides   degrees that can be the front; none: any
     */
    public static function among(array $heights, float $front, array $sides = []): self
    {
        $heights = array_filter($heights, static fn (float $height): bool => $height > 0.0);
        if ([] === $heights && [] === $sides) {
            return new self(round($front), null, false, true);
        }
        // Steps of equal height are weighed alike: of each height it counts how far the nearest is.
        $byHeight = [];
        foreach ($heights as $at => $height) {
            $byHeight[(string) $height][$at] = true;
        }
        $distances = array_map(self::apart(...), $byHeight);
        $best = [-1.0, 0, 0];
        $present = (int) round($front) % 360;
        $now = [null, 0];
        for ($i = 0; $i < 360; ++$i) {
            // From the present front outwards, so that the first of equals is the nearest.
            $side = ($present + (0 === $i % 2 ? -intdiv($i, 2) : intdiv($i + 1, 2)) + 720) % 360;
            if ([] !== $sides && !\in_array($side, $sides, true)) {
                continue;
            }
            $worth = \INF;
            $nearest = 180;
            foreach ($distances as $height => $degrees) {
                $apart = $degrees[$side];
                $nearest = $apart < $nearest ? $apart : $nearest;
                $weighed = $apart / (float) $height;
                $worth = $weighed < $worth ? $weighed : $worth;
            }
            $now = null === $now[0] ? ($side === $present ? [$worth, $nearest] : [-\INF, 0]) : $now;
            if ($worth > $best[0] + 1e-9) {
                $best = [$worth, $nearest, $side];
            }
        }

        $isBest = $best[2] === $present;
        $isBetter = !$isBest && $best[0] - ($now[0] ?? -\INF) >= self::WORTH;
        $nearest = [] === $heights ? null : (float) ($isBetter ? $best[1] : $now[1]);

        return new self((float) $best[2], $nearest, $isBetter, $isBest, [] !== $sides);
    }

    /**
     * How many degrees each whole degree of one turn is from the nearest of some, the shorter way.
     *
     * @param non-empty-array<int, true> $places
     *
     * @return array<int, int> by degree
     */
    private static function apart(array $places): array
    {
        $at = array_keys($places);
        sort($at);
        $apart = [];
        foreach ($at as $i => $from) {
            $to = $at[$i + 1] ?? $at[0] + 360;
            for ($degree = $from; $degree < $to; ++$degree) {
                $apart[$degree < 360 ? $degree : $degree - 360] = $degree - $from < $to - $degree ? $degree - $from : $to - $degree;
            }
        }

        return $apart;
    }
}
