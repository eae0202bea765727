<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** Sizes in mm that are sold everywhere: common practice, no source. */
final class SoldSize
{
    private const HOOKS = [
        0.6, 0.75, 1.0, 1.25, 1.5, 1.75, 2.0, 2.25, 2.5, 2.75, 3.0, 3.25, 3.5, 3.75, 4.0, 4.5, 5.0, 5.5, 6.0, 6.5, 7.0, 8.0, 9.0, 10.0, 12.0, 15.0, 20.0,
        25.0, 30.0,
    ];
    /** Of eyes and noses with a washer. */
    public const EYES = [4.0, 5.0, 6.0, 7.0, 8.0, 9.0, 10.0, 12.0, 14.0, 15.0, 16.0, 18.0, 20.0, 24.0, 30.0];
    /** Of buttons and beads. */
    public const BUTTONS = [7.0, 9.0, 11.0, 13.0, 15.0, 18.0, 20.0, 23.0, 25.0, 28.0];

    /** The hook next to a diameter. */
    public static function hook(float $mm): float
    {
        return self::nearest($mm, self::HOOKS);
    }

    /** What is set on a piece, next to a size; what is not sold by size, to the mm. */
    public static function of(PlacementKind $kind, float $mm): float
    {
        return match ($kind) {
            PlacementKind::Eyes, PlacementKind::Nose => self::nearest($mm, self::EYES),
            PlacementKind::Buttons, PlacementKind::Beads => self::nearest($mm, self::BUTTONS),
            default => round($mm),
        };
    }

    /** @param non-empty-list<float> $sizes */
    private static function nearest(float $mm, array $sizes): float
    {
        usort($sizes, static fn (float $one, float $other): int => abs($one - $mm) <=> abs($other - $mm));

        return $sizes[0];
    }
}
