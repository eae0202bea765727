<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Form\Finishing;
use Alternum\Core\Form\FinishPart;
use Alternum\Core\Form\PieceForm;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Plan\Finish\PieceEnd;

/** After which rounds a piece is stuffed: begun while the opening is wide, the last of it at twelve stitches. Common practice, no source. */
final class StuffingGoes
{
    /** It is begun when the opening has come down to so much of the widest round. */
    private const BEGINS = 2 / 3;
    /** A round so much narrower than what lies below is a waist. */
    private const WAIST = 3 / 4;
    /** The last of it goes in at so many stitches. */
    private const LAST = 12;
    /** Into a tube too narrow for fingers it is pushed every so many mm: from memory. */
    private const PUSHED_MM = 40.0;

    /** @return array<int, StuffGo> by the round after which it is done; none where the maker’s own words say it, or where it is not stuffed */
    public static function goes(Fabric $fabric, PieceForm $form, Finishing $finishing): array
    {
        $counts = $fabric->counts();
        if (Firmness::None === $finishing->firmness || $finishing->isTyped(FinishPart::Stuffing) || [] === $counts) {
            return [];
        }
        $last = self::last($counts, $finishing->end);
        $widest = max($counts);
        $begin = min($last, $form->openings->deadline(1) ?? $last);
        for ($round = $begin; $round > 1 && $counts[$round - 1] < self::BEGINS * $widest; --$round) {
            $begin = $round - 1;
        }
        $rounds = match (true) {
            Firmness::Half === $finishing->firmness => [$last],
            null !== $finishing->goes => self::spread($begin, $last, $finishing->goes),
            $widest < $form->openings->least() => self::pushed($fabric, $last),
            default => [...self::waists($counts, $begin), $begin, $last],
        };
        $rounds = array_values(array_unique($rounds));
        $goes = [];
        $grams = self::grams($form, $finishing->firmness);
        foreach ($rounds as $i => $round) {
            $goes[$round] = new StuffGo($i + 1, \count($rounds), $grams);
        }

        return $goes;
    }

    /**
     * Where it narrows and grows again, what lies below is stuffed first: a neck takes it firmly.
     *
     * @param list<int> $counts
     *
     * @return list<int> rounds before the one at which it is begun anyway
     */
    private static function waists(array $counts, int $before): array
    {
        $waists = [];
        $peak = $was = 0;
        $low = null;
        foreach ($counts as $i => $makes) {
            if ($makes < $was) {
                $low = $i + 1;
            } elseif ($makes > $was) {
                if (null !== $low && $counts[$low - 1] <= self::WAIST * $peak && $low < $before) {
                    $waists[] = $low;
                    $peak = 0;
                }
                $low = null;
                $peak = max($peak, $makes);
            }
            $was = $makes;
        }

        return $waists;
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

    /** @param non-empty-list<int> $counts */
    private static function last(array $counts, ?PieceEnd $end): int
    {
        $last = \count($counts);
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

    /** @return list<int> */
    private static function pushed(Fabric $fabric, int $last): array
    {
        $rounds = [];
        $high = 0.0;
        foreach ($fabric->rounds as $i => $round) {
            $high += $round->height;
            if ($high >= self::PUSHED_MM && $i + 1 < $last) {
                $rounds[] = $i + 1;
                $high = 0.0;
            }
        }

        return [...$rounds, $last];
    }
}
