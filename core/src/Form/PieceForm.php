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
    /** How far a thread through the middle pulls the poles in, how deep its grooves are and how round what bulges between: from memory. */
    private const SINKS = 0.35;
    private const GROOVE = 0.3;
    private const BULGE = 0.8;
    /** A base is drawn flat within so much of the widest radius. */
    private const BASE = 0.6;
    private const AROUND = 96;

    /**
     * @param float           $height    mm, along the axis
     * @param float           $width     mm, at the widest, an oval the long way
     * @param float           $depth     mm there, an oval the short way; 0: it lies flat
     * @param float           $girth     mm, around the widest
     * @param float           $volume    ml inside
     * @param int|null        $lastReach the last round to which a hand gets in from the edge, on a piece that closes; null: it stays open, or
     *                                   is never wide enough
     * @param list<RoundEdge> $outline   the edge that it begins on, each round's upper edge, and the pole where it is drawn shut
     * @param list<RoundEdge> $unstuffed the same before anything is in it, of its rounds
     * @param Openings        $openings  until when one gets through what is being worked
     * @param bool            $isOval    it begins along both sides of a chain
     * @param bool            $isGuessed it holds stuffing, and its shape could not be worked out: cones stand for it
     * @param list<float>     $lobes     how far out the fabric lies where it is drawn in to segments, as a share of the radius, at equal angles from
     *                                   the front on; none: evenly
     */
    private function __construct(
        public float $height,
        public float $width,
        public float $depth,
        public float $girth,
        public float $volume,
        public ?int $lastReach,
        public array $outline,
        public array $unstuffed,
        public Openings $openings,
        public bool $isOval = false,
        public bool $isGuessed = false,
        public array $lobes = [],
    ) {
    }

    /**
     * A round piece as the stuffing shapes it; one that holds none, as stiff as its fabric is: each round as the rim of a cut cone on the one below. What
     * fingers get through is asked of it unstuffed: the edge in hand is not pressed out yet.
     */
    public static function of(Fabric $fabric, Openings $openings, Filled $filled): self
    {
        $piece = PieceSkin::of($fabric, $filled);
        $unstuffed = self::cones($fabric, $piece->skin);
        $isStuffed = null !== $filled->presses && \count($fabric->rounds) > 1;
        $stuffed = $isStuffed ? self::stuffed($fabric, $piece->skin, $filled->presses ?? 0.0) : [];
        $outline = [] === $stuffed ? $unstuffed : $stuffed;
        $levels = array_map(static fn (RoundEdge $edge): float => $edge->level, $outline);
        // Where it is pressed flat it is wider than the piece is.
        $round = \array_slice($outline, 0, null === $piece->flatFrom ? null : max(1, $piece->flatFrom));
        $widths = array_map(static fn (RoundEdge $edge): float => 2 * $edge->radius + $edge->straight, $round);
        $depths = array_map(static fn (RoundEdge $edge): float => 2 * $edge->radius, $round);

        return new self(
            height: max($levels) - min($levels),
            width: max([0.0, ...$widths]),
            depth: max([0.0, ...$depths]),
            girth: max(array_map(static fn (RoundEdge $edge): float => $edge->around(), $outline)),
            volume: self::volume($outline) / 1000.0,
            lastReach: 0 === $openings->deadline(1) ? null : $openings->deadline(1),
            outline: $outline,
            unstuffed: $unstuffed,
            openings: $openings,
            isOval: $piece->isOval,
            isGuessed: $isStuffed && [] === $stuffed,
        );
    }

    /** Of rows, which lie flat: as wide as their longest, as high as all of them. */
    public static function flat(Fabric $fabric): self
    {
        $level = 0.0;
        $edges = [new RoundEdge($fabric->begins * \M_PI, 0.0)];
        foreach ($fabric->rounds as $round) {
            $level += $round->height;
            $edges[] = new RoundEdge($round->radius * \M_PI, $level);
        }

        return new self(
            height: $level, width: 2 * max(array_map(static fn (RoundEdge $edge): float => $edge->radius, $edges)), depth: 0.0, girth: 0.0, volume: 0.0,
            lastReach: null, outline: $edges, unstuffed: $edges, openings: Openings::flat(),
        );
    }

    /** @return list<RoundEdge> none where it comes to no rest */
    private static function stuffed(Fabric $fabric, Skin $skin, float $presses): array
    {
        $unit = 2 * \M_PI * $fabric->rounds[0]->radius / $fabric->rounds[0]->makes;
        $key = hash('xxh128', serialize([$skin, $unit, $presses]));
        $shape = Remembered::of(Membrane::class, $key, static fn (): Membrane => Membrane::of($skin, $unit, $presses));

        return array_map(static fn (float $radius, float $level, int $i): RoundEdge => new RoundEdge($radius, $level, $skin->straights[$i] ?? 0.0),
            $shape->radii, $shape->levels, array_keys($shape->radii));
    }

    /** @return non-empty-list<RoundEdge> */
    private static function cones(Fabric $fabric, Skin $skin): array
    {
        $level = 0.0;
        $edges = [new RoundEdge($skin->radii[0], 0.0, $skin->straights[0] ?? 0.0)];
        foreach ($fabric->rounds as $i => $round) {
            $radius = $skin->radii[$i + 1] ?? 0.0;
            $level += min($round->height, sqrt(max(0.0, (self::GIVE * $round->height) ** 2 - ($radius - ($skin->radii[$i] ?? 0.0)) ** 2)));
            $edges[] = new RoundEdge($radius, $level, $skin->straights[$i + 1] ?? 0.0);
        }

        return $edges;
    }

    /**
     * Cut cones, with a prism of the straight parts between their halves.
     *
     * @param list<RoundEdge> $outline
     *
     * @return float mm³
     */
    private static function volume(array $outline): float
    {
        $volume = 0.0;
        foreach ($outline as $i => $edge) {
            $below = $outline[$i - 1] ?? $edge;
            [$a, $b] = [$below->radius, $edge->radius];
            $volume += ($edge->level - $below->level) * (\M_PI / 3.0 * ($a ** 2 + $a * $b + $b ** 2) + ($below->straight + $edge->straight) / 2 * ($a + $b));
        }

        return $volume;
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
            fn (RoundEdge $edge): RoundEdge => new RoundEdge($edge->radius, $this->sunken($edge, $drawn, $standsOnFirst, $widest), $edge->straight),
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
            depth: $this->depth,
            girth: $this->girth,
            volume: $this->volume * $full * ($middle > 0.0 ? ($high - $low) / $this->height : 1.0),
            lastReach: $this->lastReach,
            outline: array_map(static fn (RoundEdge $edge): RoundEdge => new RoundEdge($edge->radius, $edge->level - $low, $edge->straight), $outline),
            unstuffed: $this->unstuffed,
            openings: $this->openings,
            isOval: $this->isOval,
            isGuessed: $this->isGuessed,
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

    /** @return float mm along a round's upper edge, all around */
    public function around(int $round): float
    {
        return ($this->outline[$round] ?? new RoundEdge(0.0, 0.0))->around();
    }

    /** Whether it is a circle everywhere. */
    public function isRound(): bool
    {
        return [] === array_filter([...$this->outline, ...$this->unstuffed], static fn (RoundEdge $edge): bool => $edge->straight > 0.0);
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
