<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Plan\PlacementKind;
use Alternum\Core\Plan\SoldSize;

/** Which sizes of what is bought suit a piece. Shares of its girth from memory, sizes as they are sold: SoldSize. */
final class Hardware
{
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
            PlacementKind::Eyes => [SoldSize::EYES, self::EYE],
            PlacementKind::Nose => [SoldSize::EYES, self::NOSE],
            PlacementKind::Buttons, PlacementKind::Beads => [SoldSize::BUTTONS, self::BUTTON],
            default => [[], [0.0, 0.0]],
        };

        return array_values(array_filter($sold, static fn (float $mm): bool => $mm >= $least * $aroundMm && $mm <= $most * $aroundMm));
    }
}
