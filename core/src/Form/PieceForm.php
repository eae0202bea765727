<?php

declare(strict_types=1);

namespace Alternum\Core\Form;

use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Notation\Remembered;
use Alternum\Core\Plan\Finish\Drawn;

/** The shape that a piece takes when it is done and stuffed, what it measures, and until when one can reach into it. Worked out once a piece. */
final readonly class PieceForm
{
    /** Grams of polyester stuffing in a litre, stuffed as usual, lightly and firmly: from memory, to be weighed. */
    public const STUFFING = 35.0;
    public const STUFFING_LIGHT = 25.0;
    public const STUFFING_FIRM = 55.0;

    /** How far a round that grows or shrinks steeply stretches where nothing presses from inside, so that it bulges where it would lie flat: from memory. */
    private const GIVE = 1.1;
    /** How hard stuffing presses, times the largest radius, against the fabric's stiffness: from memory. */
    private const PRESSES = ['firm' => 0.08, 'usual' => 0.04, 'light' => 0.02, 'half' => 0.01];
    /** How far a thread through the middle pulls the poles in, how deep its grooves are and how round what bulges between: from memory. */
    private const SINKS = 0.35;
    private const GROOVE = 0.3;
    private const BULGE = 0.8;
    /** A base is drawn flat within so much of the widest radius. */
    private const BASE = 0.6;
    private const AROUND = 96;

    /**
     * @param float           $height    mm, along the axis
     * @param float           $width     mm, at the widest
     * @param float           $volume    ml inside
     * @param int|null        $lastReach the last round to which a hand gets in from the edge, on a piece that closes; null: it stays open, or
     *                                   is never wide enough
     * @param list<RoundEdge> $outline
     * @param Openings        $openings  until when one gets through what is being worked
     * @param list<float>     $lobes     how far out the fabric lies where it is drawn in to segments, as a share of the radius, at equal angles from
     *                                   the front on; none: evenly
     */
    private function __construct(
        public float $height,
        public float $width,
        public float $volume,
        public ?int $lastReach,
        public array $outline,
        public Openings $openings,
        public array $lobes = [],
    ) {
    }

    /**
     * Of a round piece, as the stuffing shapes it; of one that holds none, each round as the rim of a cut cone on the one below.
     */
    public static function of(Fabric $fabric, Openings $openings, Filled $filled): self
    {
        [$radii, $levels] = self::stuffed($fabric, $filled) ?? self::cones($fabric);
        $widest = $volume = 0.0;
        foreach ($radii as $i => $radius) {
            $widest = max($widest, $radius);
            $below = $radii[$i - 1] ?? $radius;
            $volume += $i > 0 ? \M_PI / 3.0 * ($levels[$i] - $levels[$i - 1]) * ($radius ** 2 + $radius * $below + $below ** 2) : 0.0;
        }
        $outline = array_map(static fn (float $radius, float $level): RoundEdge => new RoundEdge($radius, $level), $radii, $levels);

        return new self(
            height: [] === $levels ? 0.0 : max($levels) - min($levels),
            width: 2 * $widest,
            volume: $volume / 1000.0,
            lastReach: 0 === $openings->deadline(1) ? null : $openings->deadline(1),
            // A pole is where a round is drawn shut, and no round's edge.
            outline: array_values(array_filter($outline, static fn (RoundEdge $edge): bool => $edge->radius > 0.0)),
            openings: $openings,
        );
    }

    /** @return array{list<float>, list<float>}|null radius and level of each edge and pole, in mm; null: it holds no stuffing, or has no such shape */
    private static function stuffed(Fabric $fabric, Filled $filled): ?array
    {
        $rounds = $fabric->rounds;
        $presses = self::PRESSES[$filled->firmness->value] ?? null;
        if (null === $presses || \count($rounds) < 2 || $fabric->endsFlat()) {
            return null;
        }
        $last = $rounds[\count($rounds) - 1];
        $hoops = [2 * \M_PI * $fabric->begins];
        $strips = [];
        foreach ($rounds as $i => $round) {
            $hoops[] = 2 * \M_PI * $round->radius;
            $strips[] = 0 === $i && 0.0 === $fabric->begins ? min($round->height, $round->radius) : $round->height;
        }
        if ($filled->isDrawnShut()) {
            $hoops[] = 0.0;
            $strips[] = min($last->height, $last->radius);
        }
        $unit = 2 * \M_PI * $rounds[0]->radius / $rounds[0]->makes;
        $key = hash('xxh128', serialize([$hoops, $strips, $unit, $presses]));
        $shape = Remembered::of(Membrane::class, $key, static fn (): Membrane => Membrane::of($hoops, $strips, $unit, $presses));

        return [] === $shape->radii ? null : [$shape->radii, $shape->levels];
    }

    /** @return array{list<float>, list<float>} radius and level of each edge, in mm */
    private static function cones(Fabric $fabric): array
    {
        $level = 0.0;
        $radius = $fabric->begins;
        [$radii, $levels] = [[$radius], [0.0]];
        foreach ($fabric->rounds as $round) {
            $level += min($round->height, sqrt(max(0.0, (self::GIVE * $round->height) ** 2 - ($round->radius - $radius) ** 2)));
            $radius = $round->radius;
            $radii[] = $radius;
            $levels[] = $level;
        }

        return [$radii, $levels];
    }

    /**
     * The same once its tail has drawn it in: the poles sink, and between the threads it bulges.
     *
     * @param bool $standsOnFirst its round 1 is the end that it stands on
     */
    public function drawnIn(Drawn $drawn, bool $standsOnFirst): self
    {
        if ($drawn->isNothing() || [] === $this->outline) {
            return $this;
        }
        $widest = max(1.0, $this->width / 2.0);
        $middle = $this->height / 2.0;
        $outline = array_map(
            fn (RoundEdge $edge): RoundEdge => new RoundEdge($edge->radius, $this->sunken($edge, $drawn, $standsOnFirst, $widest)),
            $this->outline,
        );
        $levels = array_map(static fn (RoundEdge $edge): float => $edge->level, $outline);
        [$low, $high] = [min($levels), max($levels)];
        $lobes = [];
        for ($i = 0; $drawn->segments > 1 && $i < self::AROUND; ++$i) {
            $lobes[] = 1.0 - self::GROOVE * (1.0 - abs(sin(\M_PI * $drawn->segments * $i / self::AROUND)) ** self::BULGE);
        }
        $full = [] === $lobes ? 1.0 : array_sum(array_map(static fn (float $lobe): float => $lobe ** 2, $lobes)) / \count($lobes);

        return new self(
            height: $high - $low,
            width: $this->width,
            volume: $this->volume * $full * ($middle > 0.0 ? ($high - $low) / $this->height : 1.0),
            lastReach: $this->lastReach,
            outline: array_map(static fn (RoundEdge $edge): RoundEdge => new RoundEdge($edge->radius, $edge->level - $low), $outline),
            openings: $this->openings,
            lobes: $lobes,
        );
    }

    /** The level of an edge once the thread pulls, in mm. */
    private function sunken(RoundEdge $edge, Drawn $drawn, bool $standsOnFirst, float $widest): float
    {
        $level = $edge->level;
        $share = min(1.0, $edge->radius / $widest);
        if ($drawn->segments > 0) {
            $level += ($this->height / 2.0 - $level) * self::SINKS * (1.0 - $share) ** 2;
        }
        $isBase = $standsOnFirst === ($edge->level < $this->height / 2.0);
        if ($drawn->base && $isBase && $share < self::BASE) {
            // As flat as the ring that it stands on.
            $ring = array_filter($this->outline, fn (RoundEdge $one): bool => $one->radius >= self::BASE * $widest
                && ($one->level < $this->height / 2.0) === $standsOnFirst);
            $levels = array_map(static fn (RoundEdge $one): float => $one->level, $ring);
            $level = [] === $levels ? $level : ($standsOnFirst ? min($levels) : max($levels));
        }

        return $level;
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
