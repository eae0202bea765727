<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Worked;

/** The rounds that a layer is checked on. */
final readonly class LayerSite
{
    /** @param list<int> $counts stitches that each round makes */
    public function __construct(public Worked $worked, public array $counts)
    {
    }

    public function last(): int
    {
        return \count($this->counts);
    }

    /** "round", or "row" of flat work. */
    public function once(): string
    {
        return $this->worked->once();
    }

    /**
     * What is wrong with a first and a last round.
     *
     * @param string $what "These stripes", "This panel"
     */
    public function checkRange(string $what, RoundRange $range): ?Problem
    {
        $once = $this->once();
        $last = $this->last();
        [$runs, $goes, $it] = str_starts_with($what, 'These ') ? ['run', 'go', 'them'] : ['runs', 'goes', 'it'];
        if ($range->isEmpty()) {
            return Problem::atPath(
                'to',
                "{$what} {$runs} backwards, from {$once} {$range->from} to {$range->to}.",
                "Let {$it} run from {$range->to} to {$range->from}.",
                round: $range->from,
            );
        }

        return $range->to > $last
            ? Problem::atPath(
                'to',
                "{$what} {$goes} to {$once} {$range->to}, but the piece ends with {$once} {$last}.",
                "Let {$it} end with {$once} {$last}, or work more {$once}s.",
                round: $last > 0 ? $last : null,
            )
            : null;
    }
}
