<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;

/** Stitches written in the shortest form that is easy to read: like ones gathered, and one repeat where there is one. */
final class RepeatFinder
{
    /**
     * @param string $codes one byte a stitch
     *
     * @return list<Node>
     */
    public static function of(string $codes): array
    {
        $best = self::gathered($codes);
        $least = \count($best);
        foreach (self::repeats($codes) as [$from, $unit, $times]) {
            $before = self::gathered(substr($codes, 0, $from));
            $once = self::gathered(substr($codes, $from, $unit));
            $after = self::gathered(substr($codes, $from + $unit * $times));
            $weight = \count($before) + 1 + \count($once) + \count($after);
            if ([] !== $once && $weight < $least) {
                $least = $weight;
                $best = [...$before, new Repeat($once, $times, Span::none()), ...$after];
            }
        }

        return $best;
    }

    /**
     * The longest stretch of each period that repeats. The search stops at the first period that explains the whole round.
     *
     * @return \Generator<array{int, int, int}> from, length of the unit, times
     */
    private static function repeats(string $codes): \Generator
    {
        $length = \strlen($codes);
        for ($unit = 2; 2 * $unit <= $length; ++$unit) {
            // Where a stitch is the same as the one a unit on, the stretch goes on.
            $same = 0;
            $best = [0, 0];
            $longer = 0;
            for ($at = 0; $at + $unit <= $length; ++$at) {
                if ($at + $unit < $length && $codes[$at] === $codes[$at + $unit]) {
                    ++$same;
                    continue;
                }
                $times = intdiv($same, $unit) + 1;
                if ($times > $best[1]) {
                    $best = [$at - $same, $times];
                    $longer = $same % $unit;
                }
                $same = 0;
            }
            [$from, $times] = $best;
            // The stretch may begin anywhere in its first unit; it reads best where a run of like stitches does.
            for ($on = 0; $times > 1 && $on < $unit; ++$on) {
                $at = $from + $on;
                if (0 === $at || $codes[$at - 1] !== $codes[$at]) {
                    $fits = $on <= $longer ? $times : $times - 1;
                    if ($fits > 1) {
                        yield [$at, $unit, $fits];
                    }
                }
            }
            if ($times * $unit === $length) {
                return;
            }
        }
    }

    /**
     * Like stitches gathered.
     *
     * @return list<Work>
     */
    private static function gathered(string $codes): array
    {
        $works = [];
        for ($at = 0, $end = \strlen($codes); $at < $end; $at += $times) {
            $times = strspn($codes, $codes[$at], $at);
            $works[] = new Work(Stitch::ofCode($codes[$at]), $times, Span::none());
        }

        return $works;
    }
}
