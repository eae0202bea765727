<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\PieceStages;
use Alternum\Core\Place\Locator;
use Alternum\Core\Place\Spot;
use Alternum\Core\Plan\Across;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Place;
use Alternum\Core\Plan\Plan;

/**
 * How what is pressed on a piece is understood, as a maker would say it: in the middle where it is nearly there, as far out as something else where it is
 * nearly that, on an increase, by its stripe, in line with the eyes where it goes with them.
 */
final readonly class Pressed
{
    /** Nearer than so many stitches to the front's middle, or to a distance that is used already, is there. */
    private const SNAPS = 1.0;
    /** So near to the middle of an increase is on it: one of its own two stitches was pressed. */
    private const ON_INCREASE = 0.75;
    /** What is higher than so many rounds is counted in rounds, not by its stripe. */
    private const STRIPE = 6;

    /**
     * @param array<string, Spot> $spots of what is on it already, by its key
     * @param array<string, bool> $alone which of those are no pair
     * @param list<int>           $bands the first round of each stripe
     */
    private function __construct(private PieceStages $stages, private array $spots, private array $alone, private array $bands)
    {
    }

    public static function on(Plan $plan, PieceStages $stages): self
    {
        $piece = $stages->piece;
        $locator = new Locator($stages->reading, $stages->frame, $stages->colouring, $stages->changes($plan));
        $spots = $locator->findAll($piece->placements);
        $alone = array_map(static fn (Spot $spot): bool => 1 === \count($spot->degrees), $spots);
        foreach ($plan->assembly as $joint) {
            $spot = $joint->onto === $piece->key ? $locator->find(Locator::joint($joint->key), $joint->key, $joint->place) : null;
            if ($spot instanceof Spot && !isset($spots[$joint->key])) {
                $spots[$joint->key] = $spot;
                $alone[$joint->key] = 1 === \count($spot->degrees);
            }
        }

        return new self($stages, $spots, $alone, $locator->bands());
    }

    /**
     * @param UsualPlace  $usual where such a thing usually is
     * @param string|null $moved the key of what is moved, which is not counted from itself; null: it is new
     */
    public function place(UsualPlace $usual, int $round, int $stitch, ?string $moved = null): Place
    {
        $frame = $this->stages->frame;
        $makes = $frame->makes($round);
        $out = $frame->fromFront($round, $stitch) / 360.0 * $makes;
        if ($usual->isPair) {
            return abs($out) <= self::SNAPS
                ? $this->along($usual, $round, $moved, apart: $usual->place->apart)
                : $this->along($usual, $round, $moved, apart: min($this->apart(max(1.0, round(2 * abs($out))), $moved), $makes - 1.0));
        }
        $isBehind = abs($out) > $makes / 4;
        $middle = $isBehind ? ($out > 0.0 ? $out - $makes / 2 : $out + $makes / 2) : $out;
        if (abs($middle) <= self::SNAPS) {
            return $isBehind ? $this->along($usual, $round, null, fromFront: 180.0) : $this->along($usual, $round, $moved);
        }
        $across = $this->mirrored($round, $out, $moved) ?? $this->increase($round, $stitch);

        return null === $across
            ? $this->along($usual, $round, $moved, stitches: round(2 * $out) / 2)
            : $this->along($usual, $round, $moved, across: $across);
    }

    /** By what is along the rounds: the eyes where it goes with them, its stripe where there are several, else the round. */
    private function along(
        UsualPlace $usual,
        int $round,
        ?string $moved,
        ?float $apart = null,
        float $stitches = 0.0,
        float $fromFront = 0.0,
        ?Across $across = null,
    ): Place {
        $across ??= Across::front();
        $eyes = $usual->tiesToEyes && 180.0 !== $fromFront ? $this->stages->piece->eyes() : null;
        if (null !== $eyes && isset($this->before($moved)[$eyes->key])) {
            return new Place(
                Anchor::Placement, of: $eyes->key, offset: $round - $this->spots[$eyes->key]->round, fromFront: $fromFront, stitches: $stitches,
                apart: $apart, across: $across,
            );
        }
        $band = \count(array_filter($this->bands, static fn (int $first): bool => $first <= $round));

        $rounds = ($this->bands[$band] ?? $this->stages->frame->rounds() + 1) - ($this->bands[$band - 1] ?? 0);

        return \count($this->bands) > 1 && $rounds <= self::STRIPE
            ? new Place(
                Anchor::Band, $band, offset: $round - $this->bands[$band - 1], fromFront: $fromFront, stitches: $stitches, apart: $apart, across: $across,
            )
            : new Place(Anchor::Round, $round, fromFront: $fromFront, stitches: $stitches, apart: $apart, across: $across);
    }

    /** The distance of another pair, where it is nearly that. */
    private function apart(float $apart, ?string $moved): float
    {
        foreach ($this->stages->piece->placements as $other) {
            $used = $other->key === $moved ? null : $other->place->apart;
            if (null !== $used && abs($used - $apart) <= self::SNAPS) {
                return $used;
            }
        }

        return $apart;
    }

    /** One that stands alone as far out on the other side, about as high up. */
    private function mirrored(int $round, float $out, ?string $moved): ?Across
    {
        $frame = $this->stages->frame;
        foreach ($this->before($moved) as $key => $spot) {
            if ($this->alone[$key] && !$spot->isPole && abs($spot->round - $round) <= 1) {
                $its = $frame->signedFromFront($spot->degrees[0]) / 360.0 * $frame->makes($round);
                if (abs($its + $out) <= self::SNAPS && abs($its) > self::SNAPS) {
                    return Across::mirror($key);
                }
            }
        }

        return null;
    }

    /** @return array<string, Spot> what may be counted from: a place names those before it */
    private function before(?string $moved): array
    {
        $at = null === $moved ? false : array_search($moved, array_keys($this->spots), true);

        return false === $at ? $this->spots : \array_slice($this->spots, 0, $at);
    }

    private function increase(int $round, int $stitch): ?Across
    {
        $increases = $this->stages->reading->rounds[$round - 1]->increases();
        foreach (\count($increases) === $this->stages->frame->makes($round) / 2 ? [] : $increases as $i => $at) {
            if (abs($at - ($stitch - 0.5)) <= self::ON_INCREASE) {
                return Across::increase($i + 1);
            }
        }

        return null;
    }
}
