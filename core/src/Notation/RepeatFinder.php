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
        // How many stretches of like stitches begin before each place: so a part is weighed without being written out.
        $begun = [0];
        $length = \strlen($codes);
        for ($at = 0; $at < $length; ++$at) {
            $begun[] = $begun[$at] + (int) (0 === $at || $codes[$at - 1] !== $codes[$at]);
        }
        // One that goes on into a part begins there, too.
        $weight = static fn (int $from, int $to): int => $from >= $to ? 0 : $begun[$to] - $begun[$from] + (int) ($begun[$from + 1] === $begun[$from]);
        $least = $weight(0, $length);
        $best = null;
        foreach (self::repeats($codes) as [$from, $unit, $times]) {
            $weighs = $weight(0, $from) + 1 + $weight($from, $from + $unit) + $weight($from + $unit * $times, $length);
            if ($weighs < $least) {
                $least = $weighs;
                $best = [$from, $unit, $times];
            }
        }
        if (null === $best) {
            return self::gathered($codes);
        }
        [$from, $unit, $times] = $best;
        $once = self::gathered(substr($codes, $from, $unit));

        return [
            ...self::gathered(substr($codes, 0, $from)),
            ...[] === $once ? [] : [new Repeat($once, $times, Span::none())],
            ...self::gathered(substr($codes, $from + $unit * $times)),
        ];
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
            // Nothing stands where a stitch is the same as the one a unit on: a unit of that is the least that repeats.
            $differ = substr($codes, 0, $length - $unit) ^ substr($codes, $unit);
            $unitLike = str_repeat("\0", $unit);
            $best = [0, 1];
            $longer = 0;
            for ($at = strpos($differ, $unitLike); false !== $at; $at = $end < \strlen($differ) ? strpos($differ, $unitLike, $end) : false) {
                $same = strspn($differ, "\0", $at);
                $end = $at + $same;
                $times = intdiv($same, $unit) + 1;
                if ($times > $best[1]) {
                    $best = [$at, $times];
                    $longer = $same % $unit;
                }
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
