<?php

declare(strict_types=1);

namespace Alternum\Core\Form;

/** The shape that stuffing gives a skin of revolution, see MembraneSolver. */
final readonly class Membrane
{
    /** Thinner strips are none. */
    private const THIN = 1e-6;

    /**
     * @param list<float> $radii  of each round's edge and each pole, in the unit of its lengths; none where it came to no rest
     * @param list<float> $levels
     */
    private function __construct(public array $radii, public array $levels)
    {
    }

    /**
     * @param non-empty-list<float> $hoops    around each round at rest, in any one unit; 0 at a pole
     * @param list<float>           $strips   from each to the next
     * @param float                 $unit     a stitch's width in that unit
     * @param float                 $pressure times the largest radius at rest, against the stiffness
     */
    public static function of(array $hoops, array $strips, float $unit, float $pressure): self
    {
        $shape = (new MembraneSolver(
            array_map(static fn (float $length): float => $length / $unit, $hoops),
            array_map(static fn (float $length): float => max(self::THIN, $length / $unit), $strips),
        ))->shape($pressure);

        return new self(
            array_map(static fn (float $radius): float => $radius * $unit, $shape[0] ?? []),
            array_map(static fn (float $level): float => $level * $unit, $shape[1] ?? []),
        );
    }
}
