<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Form\PieceForm;
use Alternum\Core\Form\RoundEdge;

/** The outside of a piece in space: where any place on it is, and how long ways on it are. In mm, its axis upright from where it begins. */
final readonly class Surface
{
    /** A way is laid in stretches of at most so many degrees and rounds. */
    private const STEP_DEGREES = 6.0;
    private const STEP_ROUNDS = 0.25;
    private const MOST = 400;

    /**
     * @param list<RoundEdge> $edges      the edge that it begins on, then each round's upper edge
     * @param float           $lengthwise degrees where an edge that is no circle has its one end
     */
    private function __construct(private array $edges, private float $lengthwise, private bool $isFlat)
    {
    }

    public static function stuffed(PieceForm $form, float $lengthwise): self
    {
        return new self($form->outline, $lengthwise, 0.0 === $form->depth);
    }

    public static function unstuffed(PieceForm $form, float $lengthwise): self
    {
        return new self($form->unstuffed, $lengthwise, 0.0 === $form->depth);
    }

    /**
     * @param float $level   rounds from the beginning: 3 is the upper edge of round 3
     * @param float $degrees around, from round 1's beginning
     *
     * @return array{float, float, float}
     */
    public function point(float $level, float $degrees): array
    {
        $last = \count($this->edges) - 1;
        $at = max(0.0, min((float) $last, $level));
        $i = (int) min(max(0, $last - 1), floor($at));
        $share = $at - $i;
        [$below, $above] = [$this->edges[$i] ?? new RoundEdge(0.0, 0.0), $this->edges[$i + 1] ?? $this->edges[$i] ?? new RoundEdge(0.0, 0.0)];
        $radius = $below->radius + $share * ($above->radius - $below->radius);
        $straight = $below->straight + $share * ($above->straight - $below->straight);
        $height = $below->level + $share * ($above->level - $below->level);
        if ($this->isFlat) {
            return [($degrees / 360.0 - 0.5) * 2 * $radius, 0.0, $height];
        }
        [$along, $across] = self::around($radius, $straight, ($degrees - $this->lengthwise) / 360.0);
        $to = deg2rad($this->lengthwise);

        return [$along * cos($to) - $across * sin($to), $along * sin($to) + $across * cos($to), $height];
    }

    /**
     * On two half circles with straight parts between them, so many turns from the middle of the one end.
     *
     * @return array{float, float} along the long way, and across
     */
    private static function around(float $radius, float $straight, float $turns): array
    {
        $quarter = \M_PI / 2 * $radius;
        $all = 4 * $quarter + 2 * $straight;
        $at = ($turns - floor($turns)) * $all;
        $isSecond = $at > $all / 2;
        $at = $isSecond ? $all - $at : $at;
        [$along, $across] = match (true) {
            $at <= $quarter => [$straight / 2 + $radius * cos($radius > 0.0 ? $at / $radius : 0.0), $radius * sin($radius > 0.0 ? $at / $radius : 0.0)],
            $at <= $quarter + $straight => [$straight / 2 - ($at - $quarter), $radius],
            default => [
                -$straight / 2 - $radius * sin(($at - $quarter - $straight) / max(1e-9, $radius)),
                $radius * cos(($at - $quarter - $straight) / max(1e-9, $radius)),
            ],
        };

        return [$along, $isSecond ? -$across : $across];
    }

    /**
     * The straight way between two places, through the inside.
     *
     * @param array{float, float} $from level and degrees
     * @param array{float, float} $to
     *
     * @return float mm
     */
    public function through(array $from, array $to): float
    {
        return self::apart($this->point(...$from), $this->point(...$to));
    }

    /**
     * Along the outside, evenly in rounds and degrees.
     *
     * @param array{float, float} $from level and degrees; these count on over a whole turn
     * @param array{float, float} $to
     *
     * @return float mm
     */
    public function along(array $from, array $to): float
    {
        $parts = min(self::MOST, max(1, (int) ceil(max(abs($to[1] - $from[1]) / self::STEP_DEGREES, abs($to[0] - $from[0]) / self::STEP_ROUNDS))));
        $mm = 0.0;
        $before = $this->point(...$from);
        for ($part = 1; $part <= $parts; ++$part) {
            $here = $this->point($from[0] + ($to[0] - $from[0]) * $part / $parts, $from[1] + ($to[1] - $from[1]) * $part / $parts);
            $mm += self::apart($before, $here);
            $before = $here;
        }

        return $mm;
    }

    /**
     * @param array{float, float, float} $one
     * @param array{float, float, float} $other
     */
    private static function apart(array $one, array $other): float
    {
        return sqrt(($one[0] - $other[0]) ** 2 + ($one[1] - $other[1]) ** 2 + ($one[2] - $other[2]) ** 2);
    }
}
