<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

/**
 * The line along which the old colour and the new one meet about a round's end: a plain change leaves it one round high on the side that is
 * worked last and level on the side that is worked first. From memory, to be judged by eye.
 */
final readonly class JoinEdge
{
    /** What a seam stands up by, in rounds. */
    private const SEAM = 0.2;

    /**
     * @param non-empty-list<array{float, float}> $before points on the side worked last: stitches from the round's end, 0 or less and rising, with
     *                                                    how many rounds above the level side the line lies there
     * @param non-empty-list<array{float, float}> $after  the same on the side worked first
     * @param float                               $at     stitches from the round's end to the step
     */
    private function __construct(public array $before, public array $after, private float $at = 0.0)
    {
    }

    /** A step of one round, straight up. */
    public static function plain(): self
    {
        return new self([[0.0, 1.0]], [[0.0, 0.0]]);
    }

    /**
     * A step that is eased on both sides.
     *
     * @param float $lowered  rounds by which the side worked last is led down towards the step
     * @param float $lowers   over so many stitches
     * @param float $step     what is left of the step, in rounds
     * @param float $rises    stitches over which the other side, lifted at the step, falls back to its level
     * @param float $stitches from the round's end to the step
     */
    public static function eased(float $lowered, float $lowers, float $step, float $rises, float $stitches = 0.0): self
    {
        $top = 1.0 - $lowered;

        $after = [[$stitches, $top - $step], ...$rises > 0.0 ? [[$stitches + $rises, 0.0]] : []];

        return new self(
            $lowers > 0.0 ? [[$stitches - $lowers, 1.0], [$stitches, $top]] : [[$stitches, 1.0]],
            $stitches > 0.0 ? [[0.0, 0.0], ...$after] : $after,
            $stitches,
        );
    }

    /** Rounds that are joined lie level; their seam stands up a little, whether the colour changes there or not. */
    public function joined(): self
    {
        return new self([[-1.0, 0.0], [0.0, min(self::SEAM, $this->step())]], [[0.0, 0.0]]);
    }

    /** Rounds above the level side, so many stitches from the round's end. */
    public function before(float $stitches): float
    {
        return self::along($this->before, $stitches);
    }

    public function after(float $stitches): float
    {
        return self::along($this->after, $stitches);
    }

    /** What is left of the step, in rounds. */
    public function step(): float
    {
        return $this->before($this->at) - $this->after($this->at);
    }

    /** @param non-empty-list<array{float, float}> $points */
    private static function along(array $points, float $stitches): float
    {
        $last = $points[0];
        foreach ($points as $point) {
            if ($stitches <= $point[0]) {
                $share = $point[0] > $last[0] ? max(0.0, ($stitches - $last[0]) / ($point[0] - $last[0])) : 0.0;

                return $last[1] + ($point[1] - $last[1]) * $share;
            }
            $last = $point;
        }

        return $last[1];
    }
}
