<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Plan\PlacementKind;

/** Which sizes of what is bought suit a piece. Shares of its girth from memory, sizes as they are sold. */
final class Hardware
{
    /** Safety eyes as they are commonly sold, in mm. */
    private const EYES = [4.0, 5.0, 6.0, 7.0, 8.0, 9.0, 10.0, 12.0, 14.0, 15.0, 16.0, 18.0, 20.0, 24.0, 30.0];
    private const BUTTONS = [7.0, 9.0, 11.0, 13.0, 15.0, 18.0, 20.0, 23.0, 25.0, 28.0];
    /** An eye is between a thirtieth and an eighteenth of the way around the head where it sits. */
    private const EYE = [1 / 30, 1 / 18];
    private const NOSE = [1 / 24, 1 / 14];
    private const BUTTON = [1 / 24, 1 / 12];

    /** How far off the sizes that suit it something is: 1 too large, -1 too small, 0 neither, or not said. */
    public static function off(?float $mm, PlacementKind $kind, float $aroundMm): int
    {
        $sizes = self::sizes($kind, $aroundMm);

        return null === $mm || [] === $sizes ? 0 : ($mm > max($sizes) ? 1 : ($mm < min($sizes) ? -1 : 0));
    }

    /**
     * @param float $aroundMm around the piece there
     *
     * @return list<float> mm; none where it is not bought by size
     */
    public static function sizes(PlacementKind $kind, float $aroundMm): array
    {
        [$sold, [$least, $most]] = match ($kind) {
            PlacementKind::Eyes => [self::EYES, self::EYE],
            PlacementKind::Nose => [self::EYES, self::NOSE],
            PlacementKind::Buttons, PlacementKind::Beads => [self::BUTTONS, self::BUTTON],
            default => [[], [0.0, 0.0]],
        };

        return array_values(array_filter($sold, static fn (float $mm): bool => $mm >= $least * $aroundMm && $mm <= $most * $aroundMm));
    }
}
