<?php

declare(strict_types=1);

namespace Alternum\Core\Colour;

use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Plan\Layer\LayerSite;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;

/** What is wrong with a piece's layers on the rounds that it has. */
final class LayerCheck
{
    /** @return list<Problem> one for a layer at the most, at its path within the piece */
    public static function of(Plan $plan, Piece $piece, Fabric $fabric): array
    {
        $site = new LayerSite($piece->worked, $fabric->counts());
        $problems = [];
        foreach ($piece->colours as $i => $entry) {
            $problem = self::unknownYarn($plan, $entry->layer->yarns(), $site->once()) ?? $entry->layer->check($site);
            if (null !== $problem) {
                $problems[] = $problem->within("colours[{$i}]");
            }
        }

        return $problems;
    }

    /** @param array<string, string> $yarns keys by their path */
    private static function unknownYarn(Plan $plan, array $yarns, string $once): ?Problem
    {
        foreach ($yarns as $path => $yarn) {
            if (null === $plan->yarn($yarn)) {
                return Problem::atPath(
                    $path,
                    "Yarn {$yarn} is used here, but the plan has no yarn {$yarn}.",
                    "Add a yarn {$yarn}, or give these {$once}s another one.",
                );
            }
        }

        return null;
    }
}
