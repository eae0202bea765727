<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Form\Finishing;
use Alternum\Core\Form\FinishPart;
use Alternum\Core\Form\Openings;
use Alternum\Core\Form\PieceForm;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Plan\Finish\PieceEnd;

/**
 * After which rounds a piece is stuffed: each part of it before a neck shuts it off, the last part once its opening narrows and again while a
 * tool still passes, a narrow tube as far as a tool reaches. Common practice, no source.
 */
final class StuffingGoes
{
    /** It is begun when the opening has come down to so much of the widest round. */
    private const BEGINS = 2 / 3;
    /** A round so much narrower than what lies below is a neck, where it is so much narrower than what lies above. */
    private const WAIST = 3 / 4;
    private const WIDENS = 0.9;
    /** A tool passes through so many stitches. */
    private const LAST = 12;
    /** Into a tube too narrow for fingers it is pushed every so many mm: from memory. */
    private const PUSHED_MM = 40.0;
    /** So many times what fingers need is wide enough for a hand. */
    private const HAND = 1.6;

    /** @return array<int, StuffGo> by the round after which it is done; none where the maker’s own words say it, or where it is not stuffed */
    public static function goes(Fabric $fabric, PieceForm $form, Finishing $finishing): array
    {
        $counts = $fabric->counts();
        if (Firmness::None === $finishing->firmness || $finishing->stuffsThen || $finishing->isTyped(FinishPart::Stuffing) || [] === $counts) {
            return [];
        }
        $last = self::last($fabric, $counts, $finishing->end);
        $necks = self::necks($counts);
        $from = [] === $necks ? 0 : $necks[\count($necks) - 1];
        $rounds = match (true) {
            Firmness::Half === $finishing->firmness => [$last],
            null !== $finishing->goes => self::spread(self::begin($counts, $form, $from, $last), $last, $finishing->goes),
            default => self::rounds($fabric, $form, $necks, $last),
        };
        $shut = array_map(static fn (int $neck): int => self::before($counts, $neck), $necks);
        $rounds = array_values(array_unique($rounds));
        $goes = [];
        $grams = self::grams($form, $finishing->firmness);
        foreach ($rounds as $i => $round) {
            $goes[$round] = new StuffGo(
                go: $i + 1,
                of: \count($rounds),
                grams: $grams,
                isNeck: \in_array($round, $shut, true) && $round !== $last,
                hasTool: $counts[$round - 1] < $form->openings->least(),
            );
        }

        return $goes;
    }

    /**
     * @param list<int> $necks
     *
     * @return list<int>
     */
    private static function rounds(Fabric $fabric, PieceForm $form, array $necks, int $last): array
    {
        $counts = $fabric->counts();
        $least = $form->openings->least();
        $rounds = [];
        $from = 0;
        foreach ([...$necks, null] as $neck) {
            $part = \array_slice($counts, $from, (null === $neck ? \count($counts) : $neck) - $from);
            $to = null === $neck ? $last : self::before($counts, $neck);
            $widest = max([0, ...$part]);
            $high = self::high($fabric, $from, $to);
            $isSmall = [] !== $necks && $high <= self::PUSHED_MM;
            $begin = null === $neck && !$isSmall ? self::begin($counts, $form, $from, $to) : $to;
            array_push($rounds, ...match (true) {
                $widest < $least => self::every($fabric, $from, $to, self::PUSHED_MM),
                $widest < self::HAND * $least => self::every($fabric, $from, $begin, Openings::DEEP_MM),
                default => [$begin],
            });
            if ($widest >= $least) {
                $rounds[] = $to;
            }
            $from = $neck ?? $from;
        }

        return $rounds;
    }

    /**
     * Rounds at which the piece is narrower than before and after.
     *
     * @param list<int> $counts
     *
     * @return list<int> the first round of each neck
     */
    private static function necks(array $counts): array
    {
        $necks = [];
        $peak = $was = 0;
        $low = null;
        foreach ($counts as $i => $makes) {
            if ($makes < $was) {
                $low = $i + 1;
            } elseif ($makes > $was && null !== $low) {
                if ($counts[$low - 1] <= self::WAIST * $peak && $counts[$low - 1] <= self::WIDENS * max([0, ...\array_slice($counts, $i)])) {
                    $necks[] = $low;
                    $peak = 0;
                }
                $low = null;
            }
            $peak = max($peak, $makes);
            $was = $makes;
        }

        return $necks;
    }

    /**
     * The last round before a neck through which a tool passes; the neck's own, where one passes there.
     *
     * @param list<int> $counts
     */
    private static function before(array $counts, int $neck): int
    {
        $round = $neck;
        while ($round > 1 && $counts[$round - 1] < self::LAST && $counts[$round - 2] > $counts[$round - 1]) {
            --$round;
        }

        return $round;
    }

    /**
     * When the last part is begun: while fingers still pass, and when its opening has narrowed.
     *
     * @param list<int> $counts
     * @param int       $from   rounds before that part
     */
    private static function begin(array $counts, PieceForm $form, int $from, int $last): int
    {
        $part = \array_slice($counts, $from);
        $widest = max([0, ...$part]);
        $peak = $from + (int) array_search($widest, $part, true) + 1;
        $begin = min($last, $form->openings->deadline($peak) ?? $last);
        for ($round = $begin; $round > $peak && $counts[$round - 1] < self::BEGINS * $widest; --$round) {
            $begin = $round - 1;
        }

        return max($begin, min($peak, $last));
    }

    /** Grams of stuffing in the whole piece. */
    public static function grams(PieceForm $form, Firmness $firmness): float
    {
        $grams = $form->stuffingGrams();

        return match ($firmness) {
            Firmness::Firm => $grams['high'],
            Firmness::Usual => $grams['likely'],
            Firmness::Light => $grams['low'],
            Firmness::Half => $grams['likely'] / 2,
            Firmness::None => 0.0,
        };
    }

    /**
     * After which something goes in for the last time.
     *
     * @param non-empty-list<int> $counts
     */
    private static function last(Fabric $fabric, array $counts, ?PieceEnd $end): int
    {
        $last = \count($counts);
        if (PieceEnd::Flat === $end && $last > 1 && $fabric->endsFlat()) {
            // Its last round is what closes it.
            return $last - 1;
        }
        if (true !== $end?->closes() || PieceEnd::Flat === $end) {
            return $last;
        }
        // Narrower all along: before it shrinks for the last time.
        $narrow = 1;
        for ($round = $last; $round > 0; --$round) {
            if ($counts[$round - 1] >= self::LAST) {
                return $round;
            }
            $narrow = 1 === $narrow && $counts[$round - 1] > $counts[$last - 1] ? $round : $narrow;
        }

        return $narrow;
    }

    /** @return list<int> so many goes, from the first moment to the last */
    private static function spread(int $begin, int $last, int $goes): array
    {
        $begin = max(1, min($begin, $last - $goes + 1));
        $rounds = [];
        for ($go = 1; $go <= $goes; ++$go) {
            $rounds[] = 1 === $goes ? $last : $begin + (int) round(($last - $begin) * ($go - 1) / ($goes - 1));
        }

        return $rounds;
    }

    /** @return list<int> each time so many mm are worked, and at the last round */
    private static function every(Fabric $fabric, int $from, int $last, float $mm): array
    {
        $rounds = [];
        $high = 0.0;
        for ($i = $from; $i < $last - 1; ++$i) {
            $high += $fabric->rounds[$i]->height;
            if ($high >= $mm) {
                $rounds[] = $i + 1;
                $high = 0.0;
            }
        }

        return [...$rounds, $last];
    }

    private static function high(Fabric $fabric, int $from, int $to): float
    {
        $high = 0.0;
        for ($i = $from; $i < $to; ++$i) {
            $high += $fabric->rounds[$i]->height;
        }

        return $high;
    }
}
