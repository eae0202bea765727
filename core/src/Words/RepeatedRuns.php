<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

/** Runs of yarns within a round that come again and again: "(with A: 2 sc; with B: sc) × 6". */
final readonly class RepeatedRuns
{
    /** Longer ones are no easier to follow than the runs one by one. */
    private const LONGEST = 12;

    /**
     * @param int $from  the first of them, from 0
     * @param int $long  runs that come again
     * @param int $times how often, at least twice
     */
    private function __construct(public int $from, public int $long, public int $times)
    {
    }

    /**
     * Those that take the most runs together; of equals the shortest, and of these the first.
     *
     * @param list<array{string, string}> $runs the yarns of each, and its stitches; one in several yarns is not repeated
     */
    public static function in(array $runs): ?self
    {
        $best = null;
        $count = \count($runs);
        for ($long = 2; $long <= min(self::LONGEST, intdiv($count, 2)); ++$long) {
            $alike = 0;
            for ($i = 0; $i + $long <= $count; ++$i) {
                $isAlike = $i + $long < $count && $runs[$i] === $runs[$i + $long] && 1 === \strlen($runs[$i][0]);
                if ($isAlike) {
                    ++$alike;
                    continue;
                }
                $times = intdiv($alike, $long) + 1;
                if ($times > 1 && $times * $long > (null === $best ? 0 : $best->times * $best->long)) {
                    $best = new self($i - $alike, $long, $times);
                }
                $alike = 0;
            }
        }

        return $best;
    }

    /** The run after the last of them. */
    public function end(): int
    {
        return $this->from + $this->long * $this->times;
    }
}
