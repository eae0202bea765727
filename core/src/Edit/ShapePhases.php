<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;

/** A piece as makers see it: rounds that grow to the widest, rounds that stay so, and the rest. */
final readonly class ShapePhases
{
    /**
     * @param int $grown  rounds up to the first of the widest, itself among them; none where it begins on others as wide
     * @param int $even   rounds of the widest that follow it
     * @param int $widest stitches
     * @param int $step   stitches that the last increase round added
     */
    public function __construct(public int $grown, public int $even, public int $widest, public int $step)
    {
    }

    public static function of(Reading $reading): self
    {
        // Before the first round lies what it begins on.
        $counts = [$reading->on, ...array_map(static fn (Round $round): int => $round->makes, $reading->rounds)];
        $widest = max($counts);
        $first = (int) array_search($widest, $counts, true);
        $even = 0;
        while (($counts[$first + 1 + $even] ?? null) === $widest) {
            ++$even;
        }

        return new self($first, $even, $widest, $widest - ($counts[$first - 1] ?? $widest));
    }
}
