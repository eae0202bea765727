<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

/** Which typed lines stayed, and which stand in the place of which. */
final class LineDifference
{
    /** Beyond so many lines on both sides, changed stretches are paired off without a search: the search is quadratic. */
    private const SEARCHED = 250_000;

    /**
     * @param list<string> $a the old lines
     * @param list<string> $b the new ones
     *
     * @return list<array{int, int, int, int}> blocks in order that cover both lists: old from and to, new from and to, counted from 0, `to` not included
     */
    public static function of(array $a, array $b): array
    {
        $blocks = [];
        $start = 0;
        while (isset($a[$start], $b[$start]) && $a[$start] === $b[$start]) {
            $blocks[] = [$start, $start + 1, $start, $start + 1];
            ++$start;
        }
        $endA = \count($a);
        $endB = \count($b);
        $tail = [];
        while ($endA > $start && $endB > $start && $a[$endA - 1] === $b[$endB - 1]) {
            array_unshift($tail, [$endA - 1, $endA, $endB - 1, $endB]);
            --$endA;
            --$endB;
        }
        $fromA = $fromB = $start;
        foreach (self::common(\array_slice($a, $start, $endA - $start), \array_slice($b, $start, $endB - $start)) as [$i, $j]) {
            $blocks[] = [$fromA, $start + $i, $fromB, $start + $j];
            $blocks[] = [$start + $i, $start + $i + 1, $start + $j, $start + $j + 1];
            $fromA = $start + $i + 1;
            $fromB = $start + $j + 1;
        }
        $blocks[] = [$fromA, $endA, $fromB, $endB];

        return [...$blocks, ...$tail];
    }

    /**
     * The longest common subsequence.
     *
     * @param list<string> $a
     * @param list<string> $b
     *
     * @return list<array{int, int}> pairs of places
     */
    private static function common(array $a, array $b): array
    {
        $n = \count($a);
        $m = \count($b);
        if (0 === $n * $m || $n * $m > self::SEARCHED) {
            return [];
        }
        $longest = array_fill(0, $n + 1, array_fill(0, $m + 1, 0));
        for ($i = $n - 1; $i >= 0; --$i) {
            for ($j = $m - 1; $j >= 0; --$j) {
                $longest[$i][$j] = $a[$i] === $b[$j] ? $longest[$i + 1][$j + 1] + 1 : max($longest[$i + 1][$j], $longest[$i][$j + 1]);
            }
        }
        $pairs = [];
        for ($i = $j = 0; $i < $n && $j < $m;) {
            if ($a[$i] === $b[$j]) {
                $pairs[] = [$i++, $j++];
            } elseif ($longest[$i + 1][$j] >= $longest[$i][$j + 1]) {
                ++$i;
            } else {
                ++$j;
            }
        }

        return $pairs;
    }
}
