<?php

declare(strict_types=1);

namespace Alternum\Core\Form;

/** The shape that stuffing gives a skin of revolution, see MembraneSolver. */
final readonly class Membrane
{
    /** A piece of fewer rounds is reckoned once more with each parted in two: one ring a round errs by up to 3 % at a neck, on a long piece by less. */
    private const SHORT = 50;

    /**
     * @param list<float> $radii  of each edge, in the unit of its lengths; none where it came to no rest
     * @param list<float> $levels
     */
    private function __construct(public array $radii, public array $levels)
    {
    }

    /**
     * @param Skin  $skin     in any one unit
     * @param float $unit     a stitch's width in that unit
     * @param float $pressure times the largest radius at rest, against the stiffness
     */
    public static function of(Skin $skin, float $unit, float $pressure): self
    {
        $parts = \count($skin->strips) < self::SHORT ? 2 : 1;
        $scaled = $skin->times(1.0 / $unit);
        $shape = (new MembraneSolver($scaled))->shape($pressure);
        if (null !== $shape && $parts > 1) {
            $shape = (new MembraneSolver($scaled->split(2)))->from(self::halved($shape[0]), self::halved($shape[1]))->shape($pressure);
        }
        $edges = [[], []];
        foreach ($shape ?? [] as $which => $lengths) {
            foreach ($lengths as $i => $length) {
                if (0 === $i % $parts) {
                    $edges[$which][] = $length * $unit;
                }
            }
        }

        return new self($edges[0], $edges[1]);
    }

    /**
     * @param non-empty-list<float> $values
     *
     * @return non-empty-list<float> with the middle of each two between them
     */
    private static function halved(array $values): array
    {
        $halved = [$values[0]];
        foreach ($values as $i => $value) {
            if ($i > 0) {
                array_push($halved, ($values[$i - 1] + $value) / 2, $value);
            }
        }

        return $halved;
    }
}
