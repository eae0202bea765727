<?php

declare(strict_types=1);

namespace Alternum\Core\Fabric;

/** What a piece measures when it is done and stuffed, and until when one can reach into it. */
final readonly class Size
{
    /** Grams of polyester stuffing in a litre, firmly stuffed: from memory, to be weighed. */
    public const STUFFING = 35.0;
    /** An opening of fewer stitches is too small to reach through: common practice, no source. */
    public const REACH = 18;

    /**
     * How far stuffing stretches a round that grows or shrinks steeply, so that it bulges where it would lie flat: from memory, so
     * that the trade's ball comes out about as high as wide at the usual gauges.
     */
    private const GIVE = 1.1;
    /** How often corners are drawn in for the picture: from memory, to be judged by eye. */
    private const ROUNDED = 5;

    /**
     * @param float                     $height    mm, along the axis
     * @param float                     $width     mm, at the widest
     * @param float                     $volume    ml inside
     * @param int|null                  $lastReach the last round whose opening a hand or a tool gets through, on a piece that closes; null: it stays open
     * @param list<array{float, float}> $outline   radius and level of each round's upper edge, mm
     */
    private function __construct(
        public float $height,
        public float $width,
        public float $volume,
        public ?int $lastReach,
        public array $outline,
    ) {
    }

    /** Of a round piece: each course the rim of a cut cone on the one below. */
    public static function of(Fabric $fabric): self
    {
        $widest = $volume = $level = 0.0;
        $radius = $fabric->begins;
        $lastReach = null;
        $closes = false;
        $outline = $radius > 0.0 ? [[$radius, 0.0]] : [];
        foreach ($fabric->courses as $course) {
            $rise = min($course->height, sqrt(max(0.0, (self::GIVE * $course->height) ** 2 - ($course->radius - $radius) ** 2)));
            $volume += \M_PI / 3.0 * $rise * ($radius ** 2 + $radius * $course->radius + $course->radius ** 2);
            $level += $rise;
            $radius = $course->radius;
            $widest = max($widest, $radius);
            $outline[] = [$radius, $level];
            if ($course->makes >= self::REACH) {
                $lastReach = $course->number;
                $closes = false;
            } elseif (null !== $lastReach) {
                $closes = true;
            }
        }

        return new self($level, 2 * $widest, $volume / 1000.0, $closes ? $lastReach : null, self::rounded($outline));
    }

    /**
     * Stuffing rounds corners off: every edge is drawn to the middle of its neighbours, and the ends stay.
     *
     * @param list<array{float, float}> $outline
     *
     * @return list<array{float, float}>
     */
    private static function rounded(array $outline): array
    {
        for ($pass = 0; $pass < self::ROUNDED; ++$pass) {
            $drawn = [];
            foreach ($outline as $i => [$radius, $level]) {
                [$below, $above] = [$outline[$i - 1] ?? null, $outline[$i + 1] ?? null];
                $drawn[] = null === $below || null === $above ? [$radius, $level] : [($below[0] + 2 * $radius + $above[0]) / 4, ($below[1] + 2 * $level + $above[1]) / 4];
            }
            $outline = $drawn;
        }

        return $outline;
    }

    /** @return float mm, around the widest */
    public function girth(): float
    {
        return \M_PI * $this->width;
    }

    public function stuffingGrams(): float
    {
        return $this->volume / 1000.0 * self::STUFFING;
    }
}
