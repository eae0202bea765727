<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Slip;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Stitch;

/**
 * Goes on with a round that has other stitches than planned: the least change of the rounds after it that makes their count right, away from the
 * front, and where it touches no colour.
 */
final readonly class Mending
{
    /** Rounds within which the count is to be right again. */
    public const WITHIN = 3;

    /**
     * @param list<Mend> $mends in the order of the work
     * @param int|null   $right the round whose count is as planned again; null: none is, the piece ends before
     */
    private function __construct(public array $mends, public ?int $right)
    {
    }

    /**
     * @param int $round that has them
     * @param int $by    so many more than planned; below 0: fewer
     */
    public static function of(Reading $reading, Frame $frame, Colouring $colouring, int $round, int $by): ?self
    {
        $last = \count($reading->rounds);
        // Into a ring one more is worked, or the last is pulled out, wherever the mistake was.
        if (1 === $round && $reading->isRing) {
            return new self([], 1);
        }
        if ($round === $last) {
            return new self([], null);
        }
        for ($next = $round + 1; $next <= min($last, $round + self::WITHIN); ++$next) {
            $codes = $reading->rounds[$next - 1]->codes;
            $mends = self::in($codes, $frame, $colouring->rounds[$next - 1], $next, $by);
            if (null !== $mends) {
                return new self($mends, $next);
            }
            if (!self::goesAround($codes)) {
                return null;
            }
        }

        return $round + self::WITHIN >= $last ? new self([], null) : null;
    }

    /** Whether a round can be worked on any number of stitches: one of the same in each. */
    private static function goesAround(string $codes): bool
    {
        $stitch = '' === $codes ? null : Stitch::ofCode($codes[0]);

        return strspn($codes, $codes[0] ?? '') === \strlen($codes) && 1 === $stitch?->uses() && 1 === $stitch->makes();
    }

    /** @return list<Mend>|null null: this round bears none */
    private static function in(string $codes, Frame $frame, string $letters, int $round, int $by): ?array
    {
        // Whatever leaves a repeat as it is but for its increase comes first.
        return Mends::farthest(self::candidates($codes, $letters, $by), $frame, $round, abs($by));
    }

    private static function rank(Mend $mend): int
    {
        return match (true) {
            $mend->with->makes() > 2, $mend->with->uses() > 2 => 2,
            $mend->plan->uses() === $mend->plan->makes() => 1,
            default => 0,
        };
    }

    /**
     * Each uses one stitch more, or fewer, of the round below, and makes as many.
     *
     * @return array<int, list<Mend>> by their rank, the best first; the same for rounds that are worked alike, so it is remembered
     */
    private static function candidates(string $codes, string $letters, int $by): array
    {
        /** @var array<int, array{string, array<int, list<Mend>>}> $last by whether fewer or more are used */
        static $last = [];
        $asked = "{$codes} {$letters}";
        $way = $by <=> 0;
        if ($asked === ($last[$way][0] ?? null)) {
            return $last[$way][1];
        }
        $mends = [];
        $top = 0;
        for ($i = 0, $end = \strlen($codes); $i < $end; ++$i) {
            $stitch = Stitch::ofCode($codes[$i]);
            foreach (self::instead($codes[$i], $codes[$i + 1] ?? '', $by < 0) as [$times, $with, $as]) {
                $own = substr($letters, $top, $as * $with->makes());
                if ('' !== $own && strspn($own, $own[0]) === \strlen($own)) {
                    $mend = new Mend(round: 0, index: $i, top: $top + 1, plan: $stitch, times: $times, with: $with, as: $as);
                    $mends[self::rank($mend)][] = $mend;
                }
            }
            $top += $stitch->makes();
        }
        ksort($mends);
        $last[$way] = [$asked, $mends];

        return $mends;
    }

    /** @return list<array{int, Stitch, int}> in place of how many from this stitch on, what, how many of it */
    private static function instead(string $code, string $next, bool $isFewer): array
    {
        /** @var array<string, list<array{int, Stitch, int}>> $known by the two stitches: there are few such pairs, and thousands of places */
        static $known = [];
        $pair = ($isFewer ? '-' : '+').$code.$next;

        return $known[$pair] ??= $isFewer ? self::fewer(Stitch::ofCode($code), '' === $next ? null : Stitch::ofCode($next)) : self::more(Stitch::ofCode($code));
    }

    /** @return list<array{int, Stitch, int}> in place of how many from this stitch on, what, how many of it: one stitch fewer is used */
    private static function fewer(Stitch $stitch, ?Stitch $next): array
    {
        $one = $stitch->oneOfSeveral();
        $two = Stitch::inOne($stitch, 2);

        return match (true) {
            2 === $stitch->uses() && 1 === $stitch->makes() && null !== $one => [[1, $one, 1]],
            1 !== $stitch->uses() || 1 !== $next?->uses() => [],
            1 === $stitch->makes() && $next === $stitch && null !== $two => [[2, $two, 1]],
            // "sc, inc": three in one instead.
            1 === $stitch->makes() && $next === $two && null !== Stitch::inOne($stitch, 3) => [[2, Stitch::inOne($stitch, 3), 1]],
            2 === $stitch->makes() && $next === $stitch && null !== $one && null !== Stitch::inOne($one, 4) => [[2, Stitch::inOne($one, 4), 1]],
            default => [],
        };
    }

    /** @return list<array{int, Stitch, int}> as above: one stitch more is used */
    private static function more(Stitch $stitch): array
    {
        $one = $stitch->oneOfSeveral();

        return match (true) {
            1 === $stitch->uses() && 2 === $stitch->makes() && null !== $one => [[1, $one, 2]],
            1 === $stitch->uses() && 1 === $stitch->makes() && null !== $stitch->twoTogether() => [[1, $stitch->twoTogether(), 1]],
            2 === $stitch->uses() && 1 === $stitch->makes() && null !== $one && null !== Stitch::tryFrom("{$one->value}3tog") => [
                [1, Stitch::tryFrom("{$one->value}3tog"), 1],
            ],
            default => [],
        };
    }
}
