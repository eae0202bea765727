<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

use Alternum\Core\Plan\Message;
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

    /**
     * What is wrong with a first and a last round.
     *
     * @param class-string<Layer> $layer which it is
     */
    public function checkRange(string $layer, RoundRange $range): ?Problem
    {
        $last = $this->last();
        $worked = $this->worked->value;
        if ($range->isEmpty()) {
            return Problem::atPath(
                'to',
                Message::of('layer.backwards', worked: $worked, layer: $layer::kind(), from: $range->from, to: $range->to),
                round: $range->from,
            );
        }

        return $range->to > $last
            ? Problem::atPath(
                'to',
                Message::of('layer.tooFar', worked: $worked, layer: $layer::kind(), to: $range->to, last: $last),
                round: $last > 0 ? $last : null,
            )
            : null;
    }
}
