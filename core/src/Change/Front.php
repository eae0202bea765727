<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Fabric\Turn;

/** The best side to turn to the viewer: the one whose nearest jog, weighted by its height, is farthest. */
final readonly class Front
{
    /**
     * @param float      $degrees a whole number, 0 to 359
     * @param float|null $nearest degrees from there to the nearest jog; null: there is none
     */
    private function __construct(public float $degrees, public ?float $nearest)
    {
    }

    /**
     * To the nearest degree; of equals, the one that the piece is turned to least.
     *
     * @param list<array{float, float}> $jogs    degrees, and height in rounds
     * @param float                     $present the front as it is
     */
    public static function best(array $jogs, float $present): self
    {
        $heights = [];
        foreach ($jogs as [$degrees, $height]) {
            $at = (int) round($degrees) % 360;
            $heights[$at] = max($heights[$at] ?? 0.0, $height);
        }
        $heights = array_filter($heights, static fn (float $height): bool => $height > 0.0);
        if ([] === $heights) {
            return new self($present, null);
        }
        $best = [-1.0, 0.0, 0];
        $present = (int) round($present) % 360;
        for ($i = 0; $i < 360; ++$i) {
            // From the present front outwards, so that the first of equals is the nearest.
            $front = ($present + (0 === $i % 2 ? -intdiv($i, 2) : intdiv($i + 1, 2)) + 720) % 360;
            $worth = \INF;
            $nearest = 180.0;
            foreach ($heights as $at => $height) {
                $apart = Turn::apart($front, $at);
                $worth = min($worth, $apart / $height);
                $nearest = min($nearest, $apart);
            }
            if ($worth > $best[0] + 1e-9) {
                $best = [$worth, $nearest, $front];
            }
        }

        return new self((float) $best[2], $best[1]);
    }
}
