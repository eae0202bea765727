<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Search;

use Alternum\Core\Change\Sight;

/**
 * The best combination of methods and of what becomes of each yarn, over all jogs of a piece, by dynamic programming: from jog to jog,
 * the best way to each shift of the marker, and to each set of yarns that were left by a cut for good. A method that moves the marker moves
 * every later jog, and one that parts the yarns lets none be carried to it or from it.
 *
 * Shifts are told apart exactly where there are few jogs, and to a degree where there are many. With many yarns the sets that were left by a
 * cut grow beyond what can be gone through: then only the best so far go on from jog to jog, and what is found says that it is not proven.
 */
final readonly class Search
{
    private const FEW = 12;
    /** Sets of as many yarns as there are letters. */
    private const SETS = 1 << 26;
    /** What is gone through in all, so that neither time nor memory grows with the yarns: a state counts for one, a set for SET more. */
    private const VISITS = 400000;
    private const SET = 4;
    /** Methods at one jog. */
    private const METHODS = 16;

    /** @param float $back where a parted round begins if its place is not said, in degrees */
    public function __construct(private float $front, private float $back, private Weights $weights)
    {
    }

    /** @param list<Jog> $jogs */
    public function best(array $jogs): Found
    {
        $fine = \count($jogs) <= self::FEW ? 1e5 : 1.0;
        $left = self::VISITS;
        $scores = [0 => [0 => 0.0]];
        $trails = [];
        $isExact = true;
        foreach ($jogs as $i => $jog) {
            [$scores, $trails[]] = $this->past($jog, $scores, $fine);
            $most = intdiv($left, \count($jogs) - $i);
            $visits = array_sum(array_map(\count(...), $scores)) + self::SET * \count($scores);
            if ($visits > $most) {
                $scores = self::foremost($scores, max(1, intdiv($most, 1 + self::SET)));
                $isExact = false;
            }
            $left -= min($visits, $most);
        }
        $best = \INF;
        $key = 0;
        foreach ($scores as $set => $states) {
            foreach ($states as $at => $score) {
                [$best, $key] = $score < $best ? [$score, $at * self::SETS + $set] : [$best, $key];
            }
        }

        return new Found($this->way($key, $trails, $jogs, $fine), $isExact);
    }

    /**
     * @param array<int, array<int, float>> $scores by set and shift
     *
     * @return array<int, array<int, float>> the best of them
     */
    private static function foremost(array $scores, int $most): array
    {
        $all = [];
        foreach ($scores as $states) {
            foreach ($states as $score) {
                $all[] = $score;
            }
        }
        sort($all);
        $worst = $all[$most - 1] ?? \INF;
        $best = [];
        foreach ($scores as $set => $states) {
            foreach ($states as $at => $score) {
                if ($score <= $worst && $most-- > 0) {
                    $best[$set][$at] = $score;
                }
            }
        }

        return $best;
    }

    /**
     * The best scores past one more jog. Thousands of states are gone through: what does not depend on them is worked out once.
     *
     * @param array<int, array<int, float>> $scores by the set of yarns that were parted, and by the shift in parts of a degree
     *
     * @return array{array<int, array<int, float>>, array<int, int>} those past it, and where a state was reached from another: from which, and by
     *                                                               which method, as METHODS × the one + the other
     */
    private function past(Jog $jog, array $scores, float $fine): array
    {
        $turn = (int) (360.0 * $fine);
        $apart = fmod($jog->degrees - $this->front + 720.0, 360.0) * $fine;
        [$stays, $hides, $moving, $parting] = $sorted = $this->sorted($jog);
        $free = $this->cheapest($jog->comes);
        $freeScore = null === $free ? 0.0 : $this->weights->score($free->ends, $free->mm, 0.0);
        $cutScore = null === $jog->cut ? 0.0 : $this->weights->score($jog->cut->ends, $jog->cut->mm, 0.0);
        $showing = null === $stays ? \INF : $this->cost($jog->methods[$stays], true);
        $hiding = null === $hides ? \INF : $this->cost($jog->methods[$hides], false);
        $moves = array_map(fn (int $i): array => [
            $i,
            (int) round(fmod(360.0 * $jog->methods[$i]->turns, 360.0) * $fine),
            $this->cost($jog->methods[$i], true),
            $this->cost($jog->methods[$i], false),
        ], $moving);
        [$old, $new] = [1 << $jog->old, 1 << $jog->new];
        $past = $reached = $trail = $partings = [];
        foreach ($scores as $set => $states) {
            $come = 0 === ($set & $new) ? $freeScore : $cutScore;
            $parted = $set & ~($old | $new);
            foreach ($states as $at => $score) {
                $away = $apart + $at;
                $away -= $away >= $turn ? $turn : 0;
                $isShown = Sight::shows(min($away, $turn - $away) / $fine);
                $score += $come;
                $total = $score + ($isShown ? $showing : $hiding);
                if ($parted === $set) {
                    $past[$set][$at] = $total;
                } elseif ($total < ($reached[$parted][$at] ?? \INF)) {
                    // It stays where it is, but as another set.
                    $reached[$parted][$at] = $total;
                    $to = $at * self::SETS + $parted;
                    $trail[$to] = ($at * self::SETS + $set) * self::METHODS + $this->staying($sorted, $isShown);
                }
                foreach ($moves as [$i, $moved, $seen, $unseen]) {
                    $there = $at + $moved;
                    $there -= $there >= $turn ? $turn : 0;
                    $total = $score + ($isShown ? $seen : $unseen);
                    if ($total < ($reached[$parted][$there] ?? \INF)) {
                        $reached[$parted][$there] = $total;
                        $to = $there * self::SETS + $parted;
                        $trail[$to] = ($at * self::SETS + $set) * self::METHODS + $i;
                    }
                }
                // Where a parted round begins does not depend on where the last one did: the best of each set goes on.
                if (null !== $parting && $score - $come < ($partings[$parted][0] ?? \INF)) {
                    $partings[$parted] = [$score - $come, $at * self::SETS + $set];
                }
            }
        }
        foreach ($partings as $parted => [$score, $key]) {
            $parting ??= 0;
            $place = $jog->methods[$parting]->place ?? $this->back;
            $there = (int) round(fmod($place - $jog->degrees + 720.0, 360.0) * $fine) % $turn;
            $total = $score + $cutScore + $this->cost($jog->methods[$parting], $this->shows($place));
            if ($total < ($reached[$parted | $old][$there] ?? \INF)) {
                $reached[$parted | $old][$there] = $total;
                $to = $there * self::SETS + ($parted | $old);
                $trail[$to] = $key * self::METHODS + $parting;
            }
        }
        foreach ($reached as $set => $states) {
            foreach ($states as $at => $total) {
                if ($total < ($past[$set][$at] ?? \INF)) {
                    $past[$set][$at] = $total;
                } else {
                    unset($trail[$at * self::SETS + $set]);
                }
            }
        }

        return [$past, $trail];
    }

    private function shows(float $degrees): bool
    {
        return Sight::showsAt($degrees, $this->front);
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
     * @param int                   $key    of the state that the best way ends in
     * @param list<array<int, int>> $trails by jog and by state, where one was reached from another: past()
     * @param list<Jog>             $jogs
     *
     * @return list<Decision>
     */
    private function way(int $key, array $trails, array $jogs, float $fine): array
    {
        $decisions = [];
        for ($i = \count($jogs) - 1; $i >= 0; --$i) {
            $trail = $trails[$i][$key] ?? null;
            $jog = $jogs[$i];
            if (null !== $trail) {
                $method = $jog->methods[$trail % self::METHODS];
                $key = intdiv($trail, self::METHODS);
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
