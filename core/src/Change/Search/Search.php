<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Search;

use Alternum\Core\Change\Treatments;

/**
 * The best combination of methods and of what becomes of each yarn, over all jogs of a piece, by dynamic programming: from jog to jog,
 * the best way to each shift of the marker, and to each set of yarns that were left by a cut for good. A method that moves the marker moves
 * every later jog, and one that parts the yarns lets none be carried to it or from it.
 *
 * Shifts are told apart exactly where there are few jogs, and to a degree where there are many.
 */
final readonly class Search
{
    private const FEW = 12;
    /** Sets of as many yarns as there are letters. */
    private const SETS = 1 << 26;

    /** @param float $back where a parted round begins if its place is not said, in degrees */
    public function __construct(private float $front, private float $back, private Weights $weights)
    {
    }

    /**
     * @param list<Jog> $jogs
     *
     * @return list<Decision> one for each
     */
    public function best(array $jogs): array
    {
        $fine = \count($jogs) <= self::FEW ? 1e5 : 1.0;
        // A state is a shift and the set of yarns that were parted, in one number; of each the best score so far.
        $scores = [0 => 0.0];
        $trails = [];
        foreach ($jogs as $jog) {
            $sorted = $this->sorted($jog);
            [$stays, $hides, $moving, $parting] = $sorted;
            $free = $this->cheapest($jog->comes);
            $freeScore = null === $free ? 0.0 : $this->weights->score($free->ends, $free->mm, 0.0);
            $cutScore = null === $jog->cut ? 0.0 : $this->weights->score($jog->cut->ends, $jog->cut->mm, 0.0);
            $showing = null === $stays ? \INF : $this->cost($jog->methods[$stays], true);
            $hiding = null === $hides ? \INF : $this->cost($jog->methods[$hides], false);
            [$old, $new] = [1 << $jog->old, 1 << $jog->new];
            $others = ~($old | $new);
            $reached = $from = $by = $partings = [];
            $before = $scores;
            foreach ($before as $key => $score) {
                $set = $key % self::SETS;
                $come = $score + (0 === ($set & $new) ? $freeScore : $cutScore);
                $shift = ($key - $set) / self::SETS / $fine;
                $isShown = $this->shows($jog->degrees + $shift);
                $parted = $set & $others;
                $scores[$key] = $come + ($isShown ? $showing : $hiding);
                if ($parted !== $set) {
                    // It stays where it is, but as another set.
                    $to = $key - $set + $parted;
                    if (!isset($reached[$to]) || $scores[$key] < $reached[$to]) {
                        [$reached[$to], $from[$to], $by[$to]] = [$scores[$key], $key, $this->staying($sorted, $isShown)];
                    }
                    unset($scores[$key]);
                }
                foreach ($moving as $i) {
                    $to = self::SETS * ((int) round(fmod($shift + 360.0 * $jog->methods[$i]->turns, 360.0) * $fine)) + $parted;
                    $total = $come + $this->cost($jog->methods[$i], $isShown);
                    if (!isset($reached[$to]) || $total < $reached[$to]) {
                        [$reached[$to], $from[$to], $by[$to]] = [$total, $key, $i];
                    }
                }
                // Where a parted round begins does not depend on where the last one did: the best of each set goes on.
                if (null !== $parting && (!isset($partings[$parted]) || $score < $before[$partings[$parted]])) {
                    $partings[$parted] = $key;
                }
            }
            foreach ($partings as $parted => $key) {
                $parting ??= 0;
                $place = $jog->methods[$parting]->place ?? $this->back;
                $to = self::SETS * ((int) round(fmod($place - $jog->degrees + 720.0, 360.0) * $fine)) + ($parted | $old);
                $total = $before[$key] + $cutScore + $this->cost($jog->methods[$parting], $this->shows($place));
                if (!isset($reached[$to]) || $total < $reached[$to]) {
                    [$reached[$to], $from[$to], $by[$to]] = [$total, $key, $parting];
                }
            }
            foreach ($reached as $to => $total) {
                if (!isset($scores[$to]) || $total < $scores[$to]) {
                    $scores[$to] = $total;
                } else {
                    unset($from[$to], $by[$to]);
                }
            }
            $trails[] = [$from, $by];
        }
        asort($scores);

        return $this->way((int) array_key_first($scores), $trails, $jogs, $fine);
    }

    private function shows(float $degrees): bool
    {
        $away = fmod($degrees - $this->front + 720.0, 360.0);

        return $away <= Treatments::SHOWS_WITHIN || $away >= 360.0 - Treatments::SHOWS_WITHIN;
    }

    /** @param array{int|null, int|null, list<int>, int|null} $sorted */
    private function staying(array $sorted, bool $isShown): int
    {
        return ($isShown ? $sorted[0] : $sorted[1]) ?? 0;
    }

    private function cost(MethodOption $option, bool $shows): float
    {
        return $this->weights->score(0, $option->mm, $shows ? $option->step : 0.0);
    }

    /** @return array{int|null, int|null, list<int>, int|null} the best that stays where it shows and where not, those that move, the one that parts */
    private function sorted(Jog $jog): array
    {
        $shown = $hidden = $parting = null;
        $moving = [];
        foreach ($jog->methods as $i => $option) {
            if ($option->parts) {
                $parting = $i;
            } elseif ($option->turns > 0.0) {
                $moving[] = $i;
            } else {
                $shown = null === $shown || $this->cost($option, true) < $this->cost($jog->methods[$shown], true) ? $i : $shown;
                $hidden = null === $hidden || $this->cost($option, false) < $this->cost($jog->methods[$hidden], false) ? $i : $hidden;
            }
        }

        return [$shown, $hidden, $moving, $parting];
    }

    /** @param list<YarnOption> $options */
    private function cheapest(array $options): ?YarnOption
    {
        $best = null;
        foreach ($options as $option) {
            $isBetter = null === $best
                || $this->weights->score($option->ends, $option->mm, 0.0) < $this->weights->score($best->ends, $best->mm, 0.0);
            $best = $isBetter ? $option : $best;
        }

        return $best;
    }

    /**
     * @param int                                           $key    of the state that the best way ends in
     * @param list<array{array<int, int>, array<int, int>}> $trails by jog and by state, where one was reached from another: that, and the method
     * @param list<Jog>                                     $jogs
     *
     * @return list<Decision>
     */
    private function way(int $key, array $trails, array $jogs, float $fine): array
    {
        $decisions = [];
        for ($i = \count($jogs) - 1; $i >= 0; --$i) {
            [$from, $by] = $trails[$i];
            $jog = $jogs[$i];
            if (isset($from[$key], $by[$key])) {
                $method = $jog->methods[$by[$key]];
                $key = $from[$key];
            } else {
                $shift = ($key - $key % self::SETS) / self::SETS / $fine;
                $method = $jog->methods[$this->staying($this->sorted($jog), $this->shows($jog->degrees + $shift))];
            }
            $isCut = $method->parts || 0 !== ($key % self::SETS & (1 << $jog->new));
            $decisions[] = new Decision($jog->round, $method->method, ($isCut ? $jog->cut : $this->cheapest($jog->comes))?->choice);
        }

        return array_reverse($decisions);
    }
}
