<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Round;

/** A piece as makers see it: rounds that grow to the widest, rounds that stay so, and the rest. */
final readonly class Parts
{
    /**
     * @param int $grown  rounds up to the first of the widest, itself among them
     * @param int $even   rounds of the widest that follow it
     * @param int $widest stitches
     */
    public function __construct(public int $grown, public int $even, public int $widest)
    {
    }

    /** @param non-empty-list<Round> $rounds */
    public static function of(array $rounds): self
    {
        $counts = array_map(static fn (Round $round): int => $round->makes, $rounds);
        $widest = max($counts);
        $first = (int) array_search($widest, $counts, true);
        $even = 0;
        while (($counts[$first + 1 + $even] ?? 0) === $widest) {
            ++$even;
        }

        return new self($first + 1, $even, $widest);
    }
}
