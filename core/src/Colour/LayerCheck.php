<?php

declare(strict_types=1);

namespace Alternum\Core\Colour;

use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Plan\Layer\LayerSite;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Worked;

/** What is wrong with a piece's layers on the rounds that it has. */
final class LayerCheck
{
    /** @return list<Problem> one for a layer at the most, at its path within the piece */
    public static function of(Plan $plan, Piece $piece, Fabric $fabric): array
    {
        $site = new LayerSite($piece->worked, $fabric->counts());
        $problems = [];
        foreach ($piece->colours as $i => $entry) {
            $problem = self::unknownYarn($plan, $entry->layer->yarns(), $site->worked) ?? $entry->layer->check($site);
            if (null !== $problem) {
                $problems[] = $problem->within("colours[{$i}]");
            }
        }

        return $problems;
    }

    /** @param array<string, string> $yarns keys by their path */
    private static function unknownYarn(Plan $plan, array $yarns, Worked $worked): ?Problem
    {
        foreach ($yarns as $path => $yarn) {
            if (null === $plan->yarn($yarn)) {
                return Problem::atPath(
                    $path,
                    Message::of('layer.noYarn', worked: $worked->value, yarn: $yarn),
                );
            }
        }

        return null;
    }
}
