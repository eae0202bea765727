<?php

declare(strict_types=1);

namespace Alternum\Core\Fabric;

/** What a piece measures when it is done and stuffed, and until when one can reach into it. */
final readonly class Size
{
    /** Grams of polyester stuffing in a litre, stuffed as usual, lightly and firmly: from memory, to be weighed. */
    public const STUFFING = 35.0;
    public const STUFFING_LIGHT = 25.0;
    public const STUFFING_FIRM = 55.0;

    /**
     * How far stuffing stretches a round that grows or shrinks steeply, so that it bulges where it would lie flat: from memory, so
     * that the trade's ball comes out about as high as wide at the usual gauges.
     */
    private const GIVE = 1.1;
    /** How often corners are drawn in for the picture: from memory, to be judged by eye. */
    private const ROUNDED = 5;

    /**
     * @param float           $height    mm, along the axis
     * @param float           $width     mm, at the widest
     * @param float           $volume    ml inside
     * @param int|null        $lastReach the last round to which a hand gets in from the edge, on a piece that closes; null: it stays open
     * @param list<RoundEdge> $outline
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
        [$radii, $levels] = $radius > 0.0 ? [[$radius], [0.0]] : [[], []];
        foreach ($fabric->rounds as $round) {
            $rise = min($round->height, sqrt(max(0.0, (self::GIVE * $round->height) ** 2 - ($round->radius - $radius) ** 2)));
            $volume += \M_PI / 3.0 * $rise * ($radius ** 2 + $radius * $round->radius + $round->radius ** 2);
            $level += $rise;
            $radius = $round->radius;
            $widest = max($widest, $radius);
            $radii[] = $radius;
            $levels[] = $level;
        }
        $outline = array_map(
            static fn (float $radius, float $level): RoundEdge => new RoundEdge($radius, $level),
            self::rounded($radii),
            self::rounded($levels),
        );

        return new self($level, 2 * $widest, $volume / 1000.0, $fabric->openings()->deadline(1), $outline);
    }

    /**
     * Stuffing rounds corners off: every edge is drawn to the middle of its neighbours, and the ends stay.
     *
     * @param list<float> $edges one measure of each edge, in mm
     *
     * @return list<float>
     */
    private static function rounded(array $edges): array
    {
        $last = \count($edges) - 1;
        for ($pass = 0; $pass < self::ROUNDED; ++$pass) {
            $drawn = [];
            foreach ($edges as $i => $edge) {
                $drawn[] = 0 === $i || $i === $last ? $edge : ($edges[$i - 1] + 2 * $edge + $edges[$i + 1]) / 4;
            }
            $edges = $drawn;
        }

        return $edges;
    }

    /** @return float mm, around the widest */
    public function girth(): float
    {
        return \M_PI * $this->width;
    }

    /** @return array{low: float, likely: float, high: float} lightly, as usual and firmly stuffed */
    public function stuffingGrams(): array
    {
        return array_map(
            fn (float $inLitre): float => $this->volume / 1000.0 * $inLitre,
            ['low' => self::STUFFING_LIGHT, 'likely' => self::STUFFING, 'high' => self::STUFFING_FIRM],
        );
    }
}
