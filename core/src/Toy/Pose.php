<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

/** How a thing is turned and moved in space: right-handed, x to the viewer's right, y up, z towards the viewer; in mm. */
final readonly class Pose
{
    /**
     * @param array{array{float, float, float}, array{float, float, float}, array{float, float, float}} $axes where its own x, y and z point, each of length 1
     * @param array{float, float, float}                                                                $at   where its own middle lies
     */
    private function __construct(public array $axes, public array $at)
    {
    }

    public static function upright(): self
    {
        return new self([[1.0, 0.0, 0.0], [0.0, 1.0, 0.0], [0.0, 0.0, 1.0]], [0.0, 0.0, 0.0]);
    }

    /** On its underside, its face towards the viewer: what was the front is above. */
    public static function lying(): self
    {
        return new self([[-1.0, 0.0, 0.0], [0.0, 0.0, 1.0], [0.0, 1.0, 0.0]], [0.0, 0.0, 0.0]);
    }

    /**
     * So that its own y points one way, and its own z as near as it can another.
     *
     * @param array{float, float, float} $up    of length 1
     * @param array{float, float, float} $front
     * @param array{float, float, float} $else  for where the two are the same line
     */
    public static function along(array $up, array $front, array $else = [0.0, 1.0, 0.0]): self
    {
        $off = self::without($front, $up);
        $z = self::unit(self::length($off) > 0.1 ? $off : self::without($else, $up));

        return new self([self::cross($up, $z), $up, $z], [0.0, 0.0, 0.0]);
    }

    /**
     * Turned to the right by so many degrees, as seen along a line that points to the viewer.
     *
     * @param array{float, float, float} $line of length 1
     */
    public function turnedAbout(array $line, float $degrees): self
    {
        [$c, $s] = [cos(deg2rad(-$degrees)), sin(deg2rad(-$degrees))];
        $axes = [];
        foreach ($this->axes as $axis) {
            $turned = self::plus([$axis[0] * $c, $axis[1] * $c, $axis[2] * $c], self::cross($line, $axis), $s);
            $axes[] = self::plus($turned, $line, self::dot($line, $axis) * (1 - $c));
        }

        return new self([$axes[0], $axes[1], $axes[2]], $this->at);
    }

    /**
     * The same, moved so that a point of its own comes to lie at a place.
     *
     * @param array{float, float, float} $own
     * @param array{float, float, float} $place
     */
    public function with(array $own, array $place): self
    {
        $is = $this->turned($own);

        return new self($this->axes, [$place[0] - $is[0], $place[1] - $is[1], $place[2] - $is[2]]);
    }

    /** This one within another: on a piece that has that pose. */
    public function on(self $other): self
    {
        [$x, $y, $z] = $this->axes;

        return new self([$other->turned($x), $other->turned($y), $other->turned($z)], $other->point($this->at));
    }

    /** @param array{float, float, float} $by */
    public function moved(array $by): self
    {
        return new self($this->axes, [$this->at[0] + $by[0], $this->at[1] + $by[1], $this->at[2] + $by[2]]);
    }

    /**
     * @param array{float, float, float} $own
     *
     * @return array{float, float, float} where a point of its own lies
     */
    public function point(array $own): array
    {
        $is = $this->turned($own);

        return [$is[0] + $this->at[0], $is[1] + $this->at[1], $is[2] + $this->at[2]];
    }

    /**
     * @param array{float, float, float} $own
     *
     * @return array{float, float, float} where a direction of its own points
     */
    public function turned(array $own): array
    {
        [$x, $y, $z] = $this->axes;

        return [
            $x[0] * $own[0] + $y[0] * $own[1] + $z[0] * $own[2],
            $x[1] * $own[0] + $y[1] * $own[1] + $z[1] * $own[2],
            $x[2] * $own[0] + $y[2] * $own[1] + $z[2] * $own[2],
        ];
    }

    /**
     * @param array{float, float, float} $one
     * @param array{float, float, float} $other
     */
    public static function dot(array $one, array $other): float
    {
        return $one[0] * $other[0] + $one[1] * $other[1] + $one[2] * $other[2];
    }

    /**
     * @param array{float, float, float} $one
     * @param array{float, float, float} $other
     *
     * @return array{float, float, float}
     */
    public static function cross(array $one, array $other): array
    {
        return [$one[1] * $other[2] - $one[2] * $other[1], $one[2] * $other[0] - $one[0] * $other[2], $one[0] * $other[1] - $one[1] * $other[0]];
    }

    /** @param array{float, float, float} $of */
    public static function length(array $of): float
    {
        return sqrt(self::dot($of, $of));
    }

    /**
     * @param array{float, float, float} $of
     *
     * @return array{float, float, float}
     */
    public static function unit(array $of): array
    {
        $length = max(1e-9, self::length($of));

        return [$of[0] / $length, $of[1] / $length, $of[2] / $length];
    }

    /**
     * @param array{float, float, float} $from
     * @param array{float, float, float} $by
     *
     * @return array{float, float, float}
     */
    public static function plus(array $from, array $by, float $times = 1.0): array
    {
        return [$from[0] + $times * $by[0], $from[1] + $times * $by[1], $from[2] + $times * $by[2]];
    }

    /**
     * What is left of a direction across another.
     *
     * @param array{float, float, float} $of
     * @param array{float, float, float} $along of length 1
     *
     * @return array{float, float, float}
     */
    private static function without(array $of, array $along): array
    {
        return self::plus($of, $along, -self::dot($of, $along));
    }
}
