<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** A stripe sequence, repeated over rounds `from` to `to`, both inclusive. */
final readonly class Stripes implements Layer
{
    /** @param non-empty-list<Stripe> $sequence */
    public function __construct(public int $from, public int $to, public array $sequence)
    {
    }

    public function yarns(): array
    {
        return array_map(static fn (Stripe $stripe): string => $stripe->yarn, $this->sequence);
    }

    /**
     * The yarn of every round, without an end: the caller stops at `to`.
     *
     * @return \Generator<int, string> round number to yarn key
     */
    public function rounds(): \Generator
    {
        for ($round = $this->from;;) {
            foreach ($this->sequence as $stripe) {
                for ($i = 0; $i < $stripe->rounds; ++$i, ++$round) {
                    if ($round > $this->to) {
                        return;
                    }
                    yield $round => $stripe->yarn;
                }
            }
        }
    }
}
