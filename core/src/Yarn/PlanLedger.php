<?php

declare(strict_types=1);

namespace Alternum\Core\Yarn;

use Alternum\Core\Plan\PieceGauge;
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
        $offs = [];
        foreach ($this->plan->yarns as $yarn) {
            $offs[$yarn->key] = ($yarn->measure ?? $this->plan->yarnUse->measure)->basis->offBy();
        }
        foreach ($this->plan->pieces as $piece) {
            $singles = [];
            foreach ($this->plan->yarns as $yarn) {
                $singles[$yarn->key] = PieceGauge::single($this->plan, $yarn, $piece);
            }
            $named = $piece->copies->named ?? [];
            for ($copy = 1; $copy <= $piece->copies->count; ++$copy) {
                $yarns = isset($named[$copy - 1]) ? $named[$copy - 1]->yarns : [];
                foreach ($this->ledgers[$piece->key]->entries ?? [] as $entry) {
                    $key = $yarns[$entry->yarn] ?? $entry->yarn;
                    foreach ($this->strands($key) as $yarn => $strands) {
                        $mm = $entry->mm($singles[$key] ?? 0.0) * $strands;
                        yield new YarnLength(
                            piece: $piece->key, copy: $copy, round: $entry->round, from: $entry->from, to: $entry->to, purpose: $entry->purpose, yarn: $yarn,
                            mean: $mm, spread: $mm * ($offs[$yarn] ?? 0.0),
                        );
                    }
                }
            }
        }
    }

    /** @return array<string, int> by the keys of the yarns that are in it: of those held together each counts by itself */
    private function strands(string $key): array
    {
        $strands = [];
        foreach ($this->plan->yarns as $yarn) {
            $strands[$yarn->key] = $this->plan->yarn($key)?->strandsOf($yarn->key) ?? 0;
        }

        return array_filter($strands, static fn (int $count): bool => $count > 0);
    }
}
