<?php

declare(strict_types=1);

namespace Alternum\Core\Form;

/**
 * A piece as it would lie if nothing pressed: what MembraneSolver blows up. Around, each round is two half circles and two straight parts between them,
 * of no length where the piece is round; lengths in one unit.
 */
final readonly class Skin
{
    /** Thinner strips are none. */
    private const THIN = 1e-6;

    /** @var non-empty-list<float> radius of each half circle; 0 at a pole, and where the two sides meet */
    public array $radii;

    /**
     * @param non-empty-list<float> $hoops     around each round's edge, from the beginning on; 0 at a pole
     * @param list<float>           $strips    from each to the next
     * @param list<float>           $straights of each hoop its one straight part; none: all are round
     * @param bool                  $isHeld    its last edge is sewn to what does not give
     */
    public function __construct(public array $hoops, public array $strips, public array $straights = [], public bool $isHeld = false)
    {
        $this->radii = array_map(
            static fn (float $hoop, int $i): float => max(0.0, $hoop - 2 * ($straights[$i] ?? 0.0)) / (2 * \M_PI),
            $hoops,
            array_keys($hoops),
        );
    }

    /** The same with every length so many times as long. */
    public function times(float $factor): self
    {
        $scaled = static fn (float $length): float => $length * $factor;

        return new self(
            hoops: array_map($scaled, $this->hoops),
            strips: array_map(static fn (float $length): float => max(self::THIN, $length * $factor), $this->strips),
            straights: array_map($scaled, $this->straights),
            isHeld: $this->isHeld,
        );
    }

    /** The same with every round parted into so many. */
    public function split(int $parts): self
    {
        $hoops = $straights = [];
        $strips = [];
        foreach ($this->strips as $i => $length) {
            for ($part = 0; $part < $parts; ++$part) {
                $hoops[] = $this->between($this->hoops, $i, $part / $parts);
                $straights[] = $this->between($this->straights, $i, $part / $parts);
                $strips[] = $length / $parts;
            }
        }
        $last = \count($this->hoops) - 1;

        return new self([...$hoops, $this->hoops[$last]], $strips, [...$straights, $this->straights[$last] ?? 0.0], $this->isHeld);
    }

    /** @param list<float> $of */
    private function between(array $of, int $i, float $share): float
    {
        return ($of[$i] ?? 0.0) + $share * (($of[$i + 1] ?? 0.0) - ($of[$i] ?? 0.0));
    }
}
