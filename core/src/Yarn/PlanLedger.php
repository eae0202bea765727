<?php

declare(strict_types=1);

namespace Alternum\Core\Yarn;

use Alternum\Core\Plan\Plan;

/**
 * Every length of yarn that a plan takes, in working order: piece by piece, copy by copy, each in its own yarns. What only some copies
 * have, as the tail of the one that is not cut, is shared out over all of them.
 */
final readonly class PlanLedger
{
    /** @param array<string, Ledger> $ledgers of one copy, by piece */
    public function __construct(private Plan $plan, private array $ledgers)
    {
    }

    /** @return iterable<YarnLength> spare is none: it goes nowhere */
    public function lengths(): iterable
    {
        $singles = $offs = $strands = [];
        foreach ($this->plan->yarns as $yarn) {
            $measure = $yarn->measure ?? $this->plan->yarnUse->measure;
            $singles[$yarn->key] = $measure->single($this->plan->gauge, $yarn);
            $offs[$yarn->key] = $measure->basis->offBy();
            $strands[$yarn->key] = $yarn->strands;
        }
        foreach ($this->plan->pieces as $piece) {
            $named = $piece->copies->named ?? [];
            for ($copy = 1; $copy <= $piece->copies->count; ++$copy) {
                $yarns = isset($named[$copy - 1]) ? $named[$copy - 1]->yarns : [];
                foreach ($this->ledgers[$piece->key]->entries ?? [] as $entry) {
                    $key = $yarns[$entry->yarn] ?? $entry->yarn;
                    $mm = $entry->mm($singles[$key] ?? 0.0) * ($strands[$key] ?? 1);
                    yield new YarnLength(
                        piece: $piece->key, copy: $copy, round: $entry->round, from: $entry->from, to: $entry->to, purpose: $entry->purpose, yarn: $key,
                        mean: $mm, spread: $mm * ($offs[$key] ?? 0.0),
                    );
                }
            }
        }
    }
}
