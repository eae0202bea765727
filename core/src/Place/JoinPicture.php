<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

use Alternum\Core\Change\JoinEdge;
use Alternum\Core\Change\Treatment;
use Alternum\Core\Change\Treatments;
use Alternum\Core\Change\Ways;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\Method;

/**
 * The fabric about a round's end from near, stitch by stitch: where the colours meet there when the change is treated by a method.
 *
 * A spiral's round goes on as the next one at its end, so each lane of stitches across the picture is the end of one round and the beginning of
 * the next. Lanes lean as the fabric does, and are as high as their stitches.
 */
final readonly class JoinPicture
{
    /** Stitches to either side of the round's end, and lanes below and above its own. */
    public const ASIDE = 3;
    private const LANES = 1;

    /**
     * @param list<array{string, float, float, float, float, float, float, float, float}> $cells a yarn's letter and four corners in mm, along the
     *                                                                                           work and up, from the lower one worked first
     */
    private function __construct(public array $cells)
    {
    }

    /**
     * @param int    $round  at whose end the yarn changes
     * @param float  $lean   stitches that each round sits back
     * @param Method $method that it is treated by; the changes about it are treated as they are
     */
    public static function of(
        Frame $frame,
        Fabric $fabric,
        Colouring $colouring,
        Colouring $byRounds,
        Treatments $treatments,
        Gauge $gauge,
        float $lean,
        int $round,
        Method $method,
    ): self {
        $on = $frame->isJoined() ? 0 : 1;
        $edge = static function (int $of) use ($on, $round, $method, $treatments): JoinEdge {
            $edge = $of === $round ? Ways::of($method)->edge() : self::edge($treatments->at[$of] ?? null);

            return 0 === $on ? $edge->joined() : $edge;
        };
        $height = static fn (int $of): float => ($fabric->rounds[$of - 1] ?? $fabric->rounds[$round - 1])->height;
        $width = $gauge->stitchWidthMm();
        $slope = $on * $height($round) / $fabric->rounds[$round - 1]->makes;
        // Where the lower edge of a lane lies on either side; the change's own lane is the one at 0.
        $levels = [0 => [0.0, 0.0]];
        for ($lane = 0; $lane <= self::LANES; ++$lane) {
            $levels[$lane + 1] = [$levels[$lane][0] + $height($round + $lane), $levels[$lane][1] + $height($round + $lane + $on)];
        }
        for ($lane = 0; $lane > -self::LANES; --$lane) {
            $levels[$lane - 1] = [$levels[$lane][0] - $height($round + $lane - 1), $levels[$lane][1] - $height($round + $lane - 1 + $on)];
        }
        $left = static fn (int $lane, float $at): float => $levels[$lane][0] + $slope * $at
            + ($edge($round + $lane - 1)->before($at) - $on) * $height($round + $lane - 1);
        $right = static fn (int $lane, float $at): float => $levels[$lane][1] + $slope * $at
            + $edge($round + $lane - 1 + $on)->after($at) * $height($round + $lane - 1 + $on);
        $rounds = self::letters($colouring, $byRounds, $treatments->at[$round] ?? null, $round, Ways::of($method)->offset());
        $cells = [];
        for ($lane = -self::LANES; $lane <= self::LANES; ++$lane) {
            // Lanes lean over one another: what is lifted at the round's end reaches under its neighbour, which is drawn after it.
            $sides = [[$round + $lane, $left, true], [$round + $lane + $on, $right, false]];
            foreach ($lean > 0.0 ? array_reverse($sides) : $sides as $under => [$of, $line, $isEnd]) {
                $letters = $rounds[$of] ?? $colouring->rounds[$of - 1] ?? '';
                for ($i = 0, $many = min(self::ASIDE, \strlen($letters)); $i < $many; ++$i) {
                    [$from, $to] = $isEnd ? [-$i - 1, -$i] : [$i, $i + 1];
                    $reach = 0 === $under && 0 === $i ? $lean : 0.0;
                    [$from, $to] = $isEnd ? [$from, $to - min(0.0, $reach)] : [$from - max(0.0, $reach), $to];
                    [$x, $toX] = [($from - $lean * $lane) * $width, ($to - $lean * $lane) * $width];
                    // The lane above counts its stitches from a place that lies back by the lean.
                    [$above, $toAbove] = $isEnd ? [min(0.0, $from + $lean), min(0.0, $to + $lean)] : [max(0.0, $from + $lean), max(0.0, $to + $lean)];
                    $cells[] = [
                        $letters[$isEnd ? -$i - 1 : $i],
                        $x, $line($lane, $from), $toX, $line($lane, $to), $toX, $line($lane + 1, $toAbove), $x, $line($lane + 1, $above),
                    ];
                }
            }
        }

        return new self($cells);
    }

    /**
     * The yarns of the two rounds, as they are when the method changes them a stitch before or after the round's end.
     *
     * @return array<int, string> by round
     */
    private static function letters(Colouring $colouring, Colouring $byRounds, ?Treatment $present, int $round, int $offset): array
    {
        [$old, $new] = [$colouring->rounds[$round - 1], $colouring->rounds[$round]];
        if (null !== $present && 0 !== Ways::of($present->method)->offset()) {
            $old[-1] = $byRounds->rounds[$round - 1][-1];
            $new[0] = $byRounds->rounds[$round][0];
        }
        if ($offset < 0) {
            $old[-1] = $new[0];
        } elseif ($offset > 0) {
            $new[0] = $old[-1];
        }

        return [$round => $old, $round + 1 => $new];
    }

    /** Where the yarn does not change, or changes on a line elsewhere, a spiral steps up by a round all the same. */
    private static function edge(?Treatment $treatment): JoinEdge
    {
        return null === $treatment || null !== $treatment->line ? JoinEdge::plain() : Ways::of($treatment->method)->edge();
    }
}
