<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;

/**
 * The usual cautions for stuffed toys. What the law asks is not said here.
 *
 * Source: the toy standards are named from memory; the rest is common practice, no source.
 */
final class SafetyWords
{
    /** @return list<string> with those of what could come off, where something is set or put on it */
    public static function cautions(Plan $plan): array
    {
        $hasParts = [] !== $plan->assembly || [] !== array_filter($plan->pieces, static fn (Piece $piece): bool => [] !== $piece->placements);

        return [
            ...$hasParts ? [
                'Not for children under three with eyes, buttons or anything else that could come off. For a baby, embroider them instead.',
                'Tug at every part before you give it away. Fabric stretches, and a washer can pull through it.',
            ] : [],
            'Leave out wires, bells and magnets in anything that a child gets. Hot glue burns, and glued parts can come off.',
            'Toys that are given or sold fall under rules of their own, such as EN 71-1, ASTM F963 or 16 CFR 1501: check what holds where you live.',
        ];
    }
}
