<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Assembly\Joint;
use Alternum\Core\Plan\Assembly\Tool;

/**
 * In which order parts are put together: what is put on a part comes before that part is put on, glue when all is sewn, what is slipped on last; and of
 * what is left, the order with the fewest changes of yarn, tool and piece in hand. Common practice, no source.
 */
final class JointOrder
{
    /** Up to so many are tried in every order, more of them one by one. */
    private const EXACT = 10;
    private const TOOL = 2;
    private const YARN = 2;
    private const PIECE = 1;

    /**
     * @param list<LaidJoint> $joints
     *
     * @return list<LaidJoint>
     */
    public static function of(array $joints): array
    {
        $needs = self::needs($joints);
        $order = \count($joints) <= self::EXACT ? self::exact($joints, $needs) : self::greedy($joints, $needs);

        return array_map(static fn (int $i): LaidJoint => $joints[$i], $order);
    }

    /**
     * The maker's own order, with what has to come before something put before it.
     *
     * @param list<LaidJoint> $joints
     *
     * @return list<LaidJoint>
     */
    public static function kept(array $joints): array
    {
        $order = self::greedy($joints, self::needs($joints), true);

        return array_map(static fn (int $i): LaidJoint => $joints[$i], $order);
    }

    /**
     * @param list<LaidJoint> $order
     *
     * @return array{LaidJoint, LaidJoint}|null one that has to come before another, and that one, where they stand the other way about
     */
    public static function clash(array $order): ?array
    {
        foreach (self::needs($order) as $i => $needed) {
            foreach ($needed as $other) {
                if ($other > $i) {
                    return [$order[$other], $order[$i]];
                }
            }
        }

        return null;
    }

    /**
     * Joints of which each waits for another.
     *
     * @param list<Joint> $joints
     *
     * @return list<string> their keys
     */
    public static function circular(array $joints): array
    {
        $onto = [];
        foreach ($joints as $joint) {
            $onto[$joint->part][$joint->onto] = true;
        }
        $keys = [];
        foreach ($joints as $joint) {
            $reached = [$joint->onto => true];
            do {
                $count = \count($reached);
                foreach (array_keys($reached) as $piece) {
                    $reached += $onto[$piece] ?? [];
                }
            } while (\count($reached) > $count);
            if (isset($reached[$joint->part])) {
                $keys[] = $joint->key;
            }
        }

        return $keys;
    }

    private static function rank(LaidJoint $joint): int
    {
        return match (true) {
            $joint->joint->hold->isRemovable() => 2,
            Tool::Glue === $joint->joint->hold->tool() => 1,
            default => 0,
        };
    }

    /** What it costs to go on from one to the next. */
    public static function cost(?LaidJoint $from, LaidJoint $to): int
    {
        if (null === $from) {
            return 0;
        }

        return ($from->joint->hold->tool() === $to->joint->hold->tool() ? 0 : self::TOOL) + ($from->yarn() === $to->yarn() ? 0 : self::YARN)
            + ($from->joint->onto === $to->joint->onto ? 0 : self::PIECE);
    }

    /**
     * Of all sets of those that are done, the cheapest way to each last one.
     *
     * @param list<LaidJoint> $joints
     * @param list<list<int>> $needs
     *
     * @return list<int>
     */
    private static function exact(array $joints, array $needs): array
    {
        $count = \count($joints);
        $needed = array_map(static fn (array $of): int => array_sum(array_map(static fn (int $i): int => 1 << $i, $of)), $needs);
        /** @var array<int, array<int, array{int, int}>> $best by the set that is done and its last: cost and the one before */
        $best = [];
        for ($done = 1; $done < 1 << $count; ++$done) {
            for ($last = 0; $last < $count; ++$last) {
                $before = $done & ~(1 << $last);
                if (0 === ($done >> $last & 1) || ($needed[$last] & $before) !== $needed[$last]) {
                    continue;
                }
                if (0 === $before) {
                    $best[$done][$last] = [0, -1];
                    continue;
                }
                foreach ($best[$before] ?? [] as $from => [$cost]) {
                    $sum = $cost + self::cost($joints[$from], $joints[$last]);
                    // Of two that cost as much, the plan's order is kept.
                    if (!isset($best[$done][$last]) || $sum <= $best[$done][$last][0]) {
                        $best[$done][$last] = [$sum, $from];
                    }
                }
            }
        }
        $order = [];
        $done = (1 << $count) - 1;
        $ends = $best[$done] ?? [];
        uksort($ends, static fn (int $one, int $other): int => [$ends[$one][0], $other] <=> [$ends[$other][0], $one]);
        $last = array_key_first($ends) ?? -1;
        while ($last >= 0) {
            array_unshift($order, $last);
            [$done, $last] = [$done & ~(1 << $last), $best[$done][$last][1] ?? -1];
        }

        return $order;
    }

    /**
     * @param list<LaidJoint> $joints
     * @param list<list<int>> $needs
     * @param bool            $isKept whatever changes it costs, in the order that it has
     *
     * @return list<int>
     */
    private static function greedy(array $joints, array $needs, bool $isKept = false): array
    {
        $waits = array_map(\count(...), $needs);
        $frees = [];
        foreach ($needs as $i => $needed) {
            foreach ($needed as $other) {
                $frees[$other][] = $i;
            }
        }
        $order = [];
        $ready = array_filter($waits, static fn (int $count): bool => 0 === $count);
        $from = null;
        while ([] !== $ready) {
            $best = [\PHP_INT_MAX, 0];
            foreach (array_keys($ready) as $i) {
                $best = min($best, [$isKept ? 0 : self::cost($from, $joints[$i]), $i]);
            }
            $next = $best[1];
            $order[] = $next;
            $from = $joints[$next];
            unset($ready[$next]);
            foreach ($frees[$next] ?? [] as $i) {
                if (0 === --$waits[$i]) {
                    $ready[$i] = 0;
                }
            }
        }

        return $order;
    }

    /**
     * Of each joint those that come before it: what is put on its part for good, and what is of an earlier kind. What others wait for is as early as they
     * are, so that no two wait for one another.
     *
     * @param list<LaidJoint> $joints none of which waits for itself
     *
     * @return list<list<int>>
     */
    public static function needs(array $joints): array
    {
        $onto = $ranks = [];
        foreach ($joints as $i => $joint) {
            if (!$joint->joint->hold->isRemovable()) {
                // What comes off again is put on at any time.
                $onto[$joint->joint->onto][] = $i;
            }
            $ranks[$i] = self::rank($joint);
        }
        do {
            $before = $ranks;
            foreach ($joints as $i => $joint) {
                foreach ($onto[$joint->joint->part] ?? [] as $first) {
                    $ranks[$first] = min($ranks[$first], $ranks[$i]);
                }
            }
        } while ($before !== $ranks);
        $needs = [];
        foreach ($joints as $i => $joint) {
            $earlier = array_keys(array_filter($ranks, static fn (int $rank): bool => $rank < $ranks[$i]));
            $needs[] = array_values(array_unique([...$onto[$joint->joint->part] ?? [], ...$earlier, ...self::inside($joints, $joint)]));
        }

        return $needs;
    }

    /**
     * What is knotted inside a piece comes before something is sewn on its open edge.
     *
     * @param list<LaidJoint> $joints
     *
     * @return list<int>
     */
    private static function inside(array $joints, LaidJoint $closing): array
    {
        return Anchor::Edge !== $closing->joint->place->anchor || $closing->joint->hold->isRemovable() ? [] : array_keys(array_filter(
            $joints,
            static fn (LaidJoint $one): bool => $one !== $closing && $one->joint->onto === $closing->joint->onto && $one->joint->hold->needsInside()
                && Anchor::Edge !== $one->joint->place->anchor,
        ));
    }
}
