<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Frame\Frame;
use Alternum\Core\Place\Changes;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Layer\RoundRange;
use Alternum\Core\Plan\Layer\Stripe;
use Alternum\Core\Plan\Layer\Stripes;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;

/**
 * Finds heights for stripes that end on a whole one: as the rounds are, or with one or two left plain at either end. Stripes lie well
 * where they are alike on both sides of the widest round, eyes lie inside one, and sleeves match the body. Common practice, no source.
 */
final readonly class StripeFits
{
    private const MOST_TIMES = 12;
    private const MOST_LEFT_OUT = 2;
    private const OFFERED = 6;

    /** @param list<Placed> $placed */
    public function __construct(private Plan $plan, private Piece $piece, private Frame $frame, private array $placed)
    {
    }

    /**
     * @param non-empty-list<Stripe> $sequence yarns, and how high they are to be beside one another
     *
     * @return list<StripeFit> the best first
     */
    public function on(RoundRange $range, array $sequence): array
    {
        $to = min($range->to, $this->frame->rounds());
        $shares = self::shares($sequence);
        $fits = [];
        for ($below = 0; $below <= self::MOST_LEFT_OUT; ++$below) {
            for ($above = 0; $above <= self::MOST_LEFT_OUT - $below; ++$above) {
                $some = new RoundRange($range->from + $below, $to - $above);
                for ($times = 1; $times <= self::MOST_TIMES; ++$times) {
                    $scaled = array_map(static fn (Stripe $stripe): Stripe => new Stripe($stripe->yarn, $times * $stripe->rounds), $shares);
                    $fit = $some->isEmpty() ? null : $this->fit($some, $scaled, $below + $above);
                    if (null !== $fit) {
                        $fits[] = $fit;
                    }
                }
            }
        }
        usort($fits, static fn (StripeFit $one, StripeFit $other): int => $other->worth() <=> $one->worth());

        return \array_slice($fits, 0, self::OFFERED);
    }

    /** @param non-empty-list<Stripe> $sequence */
    private function fit(RoundRange $range, array $sequence, int $shortened): ?StripeFit
    {
        $edges = [$range->from];
        $kinds = \count($sequence);
        $next = $range->from;
        for ($i = 0; $next <= $range->to; ++$i) {
            $next += $sequence[$i % $kinds]->rounds;
            $edges[] = $next;
        }
        $stripes = \count($edges) - 1;
        if ($next !== $range->to + 1 || $stripes < 2) {
            return null;
        }
        $inside = $across = [];
        foreach ($this->placed as $placed) {
            // What is set between two rounds of one yarn lies inside a stripe.
            $edge = $placed->round + 1;
            if ($edge > $range->from && $edge <= $range->to) {
                \in_array($edge, $edges, true) ? $across[] = $placed->placement->named() : $inside[] = $placed->placement->named();
            }
        }

        return new StripeFit(
            range: $range,
            sequence: $sequence,
            stripes: $stripes,
            isWhole: 0 === $stripes % $kinds,
            isMirrored: $this->isMirrored($range, $sequence, $edges),
            isCarried: self::isCarried($sequence),
            inside: $inside,
            across: $across,
            like: $this->like($sequence),
            shortened: $shortened,
        );
    }

    /**
     * @param non-empty-list<Stripe> $sequence
     * @param list<int>              $edges    the first round of each stripe, and the round after the last
     */
    private function isMirrored(RoundRange $range, array $sequence, array $edges): bool
    {
        $widest = [] === $this->frame->counts ? [] : array_keys($this->frame->counts, max($this->frame->counts), true);
        if ([] === $widest || abs(($widest[0] + $widest[\count($widest) - 1]) / 2 + 1 - ($range->from + $range->to) / 2) > 0.5) {
            return false;
        }
        $kinds = \count($sequence);
        for ($low = 0, $high = \count($edges) - 2; $low < $high; ++$low, --$high) {
            [$one, $other] = [$sequence[$low % $kinds], $sequence[$high % $kinds]];
            if ($one->yarn !== $other->yarn || $one->rounds !== $other->rounds) {
                return false;
            }
        }

        return true;
    }

    /** @param non-empty-list<Stripe> $sequence */
    private static function isCarried(array $sequence): bool
    {
        $all = array_sum(array_map(static fn (Stripe $stripe): int => $stripe->rounds, $sequence));
        foreach ($sequence as $stripe) {
            if ($all - $stripe->rounds > Changes::CARRIED_OVER) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param non-empty-list<Stripe> $sequence
     *
     * @return list<string>
     */
    private function like(array $sequence): array
    {
        $heights = array_column($sequence, 'rounds');
        $like = [];
        foreach ($this->plan->pieces as $other) {
            if ($other->key !== $this->piece->key && [] !== array_filter(
                $other->colours,
                static fn (LayerEntry $entry): bool => !$entry->isHidden && $entry->layer->heights() === $heights,
            )) {
                $like[] = $other->name;
            }
        }

        return $like;
    }

    /**
     * The heights brought down to the lowest that are to one another as these are.
     *
     * @param non-empty-list<Stripe> $sequence
     *
     * @return non-empty-list<Stripe>
     */
    private static function shares(array $sequence): array
    {
        $common = 0;
        foreach ($sequence as $stripe) {
            $common = self::divisor($common, $stripe->rounds);
        }

        return array_map(static fn (Stripe $stripe): Stripe => new Stripe($stripe->yarn, intdiv($stripe->rounds, max(1, $common))), $sequence);
    }

    /** @return int the greatest that divides both */
    private static function divisor(int $one, int $other): int
    {
        return 0 === $other ? $one : self::divisor($other, $one % $other);
    }
}
