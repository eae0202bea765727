<?php

declare(strict_types=1);

namespace Alternum\Core\Yarn;

use Alternum\Core\Plan\PieceGauge;
use Alternum\Core\Plan\Plan;

/** How much of each yarn a plan takes. */
final readonly class Amounts
{
    /** @param list<Amount> $amounts one for each yarn of the plan, in its order */
    private function __construct(public array $amounts)
    {
    }

    /** @param list<PieceLengths> $pieces one for each piece of the plan, in its order */
    public static function of(Plan $plan, array $pieces): self
    {
        $amounts = [];
        foreach ($plan->yarns as $yarn) {
            $measure = $yarn->measure ?? $plan->yarnUse->measure;
            $parts = array_fill_keys(array_map(static fn (YarnPurpose $part): string => $part->value, YarnPurpose::cases()), 0.0);
            $stitches = 0;
            foreach ($plan->pieces as $i => $piece) {
                $lengths = $pieces[$i];
                foreach ($piece->copies->groups() as $group) {
                    foreach (array_keys($lengths->stitches + $lengths->threads + $lengths->sewing) as $key) {
                        $worked = $plan->yarn($group->yarns[$key] ?? $key);
                        $stitches += $worked?->key === $yarn->key ? $group->count * ($lengths->stitches[$key] ?? 0) : 0;
                        $strands = $group->count * ($worked?->strandsOf($yarn->key) ?? 0);
                        if (null === $worked || 0 === $strands) {
                            continue;
                        }
                        $single = PieceGauge::single($plan, $worked, $piece) / 1000.0;
                        $parts[YarnPurpose::Stitches->value] += $strands * $single * ($lengths->worth[$key] ?? 0.0);
                        $parts[YarnPurpose::Joins->value] += $strands * $single * ($lengths->joins[$key] ?? 0.0);
                        $parts[YarnPurpose::Tails->value] += $strands * ($lengths->tails[$key] ?? 0.0) / 1000.0;
                        $parts[YarnPurpose::Carries->value] += $strands * ($lengths->carries[$key] ?? 0.0) / 1000.0;
                        $parts[YarnPurpose::Floats->value] += $strands * ($lengths->floats[$key] ?? 0.0) / 1000.0;
                        $parts[YarnPurpose::Thread->value] += $strands * ($lengths->threads[$key] ?? 0.0) / 1000.0;
                        $parts[YarnPurpose::Sewing->value] += $strands * ($lengths->sewing[$key] ?? 0.0) / 1000.0;
                    }
                }
            }
            $parts[YarnPurpose::Spare->value] = array_sum($parts) * $plan->yarnUse->sparePercent / 100.0;
            $amounts[] = new Amount($yarn, $measure->basis, $stitches, $parts);
        }

        return new self($amounts);
    }
}
