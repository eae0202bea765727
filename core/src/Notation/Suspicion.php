<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Setting;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;

/** What a text looks as though it were written for: the other country's words, rounds that are joined, rows. */
final class Suspicion
{
    private const MOST = 0.8;

    /**
     * @param list<Round> $rounds
     *
     * @return list<Problem>
     */
    public static function of(array $rounds, Terms $terms, Worked $worked, Habits $seen): array
    {
        return array_values(array_filter([self::words($rounds, $terms), self::joined($rounds, $worked, $seen)]));
    }

    /**
     * A flat circle of US double crochet grows by 12 a round, one of single crochet by 6 (common practice, no source). Double crochet
     * all round that grows by 6 is UK double crochet, which is single.
     *
     * @param list<Round> $rounds
     */
    private static function words(array $rounds, Terms $terms): ?Problem
    {
        if (Terms::Us !== $terms || \count($rounds) < 3) {
            return null;
        }
        $doubles = Stitch::Double->code().Stitch::DoubleIncrease->code().Stitch::DoubleDecrease->code();
        $stitches = $ofDouble = $bySix = 0;
        foreach ($rounds as $round) {
            $stitches += \strlen($round->codes);
            $ofDouble += \strlen($round->codes) - \strlen((string) preg_replace("/[{$doubles}]/", '', $round->codes));
            $bySix += $round->below > 0 && \in_array($round->makes - $round->below, [5, 6, 7], true) ? 1 : 0;
            // "inc" and "dec" are said of either country's stitch.
            $stitches -= substr_count($round->codes, Stitch::Increase->code()) + substr_count($round->codes, Stitch::Decrease->code()) + substr_count(
                $round->codes,
                Stitch::InvisibleDecrease->code(),
            );
        }

        return $stitches > 0 && $bySix >= 2 && $ofDouble >= self::MOST * $stitches
            ? Problem::inLine(
                $rounds[0]->line,
                1,
                1,
                1,
                Message::of('habit.ukTerms'),
            )->asNote()->mendedBy(Setting::TermsUk)
            : null;
    }

    /**
     * Whether rounds are joined, and not closed here and there alone, as at a colour change.
     *
     * @param int $closed of so many rounds
     */
    public static function areJoined(int $closed, int $rounds): bool
    {
        return $closed > 1 && 2 * $closed >= $rounds;
    }

    /** @param list<Round> $rounds */
    private static function joined(array $rounds, Worked $worked, Habits $seen): ?Problem
    {
        if (Worked::Spiral !== $worked || !self::areJoined($seen->joins, \count($rounds))) {
            return null;
        }

        return Problem::inLine(
            $seen->joinsAt,
            1,
            1,
            1,
            Message::of('habit.joined'),
        )->asNote()->mendedBy(Setting::WorkedJoined);
    }
}
