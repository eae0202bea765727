<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Fabric\Turn;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Toy\Surface;

/** Bought things that would lie on one another: each is as wide as its mm says, and the fabric between their middles is shorter. */
final class Overlaps
{
    /** mm that fabric gives, and rims may cover one another. By eye, no source. */
    private const GIVES = 0.5;

    /**
     * @param array<int, Placed> $placed  by their place among the piece's placements
     * @param Surface            $surface the piece's, stuffed
     *
     * @return list<Problem> notes, one for each thing at the most, at the path of the later of the two
     */
    public static function among(array $placed, Surface $surface): array
    {
        $problems = $before = [];
        foreach ($placed as $i => $one) {
            $mm = $one->placement->kind->isBought() ? $one->placement->mm : null;
            if (null === $mm) {
                continue;
            }
            $told = null;
            foreach ($one->degrees as $degrees) {
                foreach ($before as [$other, $otherDegrees, $otherMm]) {
                    $between = self::between($surface, $one->spot->level(), $degrees, $other->spot->level(), $otherDegrees);
                    if ($between + self::GIVES < ($mm + $otherMm) / 2) {
                        $told ??= Problem::atPath("placements[{$i}].mm", Message::of(
                            'placing.overlap',
                            named: $one->placement->named(),
                            isSame: $one === $other ? 1 : 0,
                            other: $other->placement->named(),
                            between: (int) round($between),
                            needs: (int) ceil(($mm + $otherMm) / 2),
                        ), round: $one->round)->asNote();
                    }
                }
                $before[] = [$one, $degrees, $mm];
            }
            if (null !== $told) {
                $problems[] = $told;
            }
        }

        return $problems;
    }

    /** @return float mm along the fabric, the shorter way around */
    private static function between(Surface $surface, float $level, float $degrees, float $otherLevel, float $otherDegrees): float
    {
        return $surface->along([$level, 0.0], [$otherLevel, Turn::apart($degrees, $otherDegrees)]);
    }
}
