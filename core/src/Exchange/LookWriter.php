<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Change\ChangeSite;
use Alternum\Core\Change\Ways;
use Alternum\Core\PieceStages;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\JoinPicture;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Plan;

/** What a jog looks like from near by each method that fits there, as values for JSON: contract/openapi.yaml, looks. */
final class LookWriter
{
    /**
     * @param Change $change a jog
     *
     * @return list<array{method: string, label: string, leaves: string, isPresent: bool, cells: list<list<string|float>>}> the present one first, then
     *                                                                                                                      those that leave the least
     */
    public static function values(Plan $plan, PieceStages $stages, Change $change): array
    {
        $site = ChangeSite::in($stages->piece, $stages->fabric, $change->place->treated, $change->place->degrees, !$change->place->isOfPlaces);
        $others = array_filter(
            null === $change->treatment->line ? Method::choices() : [],
            static fn (Method $method): bool => $method !== $change->treatment->method && Ways::of($method)->fits($site),
        );
        usort($others, static fn (Method $one, Method $other): int => Ways::of($one)->step() <=> Ways::of($other)->step());

        return array_map(static fn (Method $method): array => [
            'method' => $method->value,
            'label' => Ways::of($method)->label(),
            'leaves' => Ways::of($method)->leaves(),
            'isPresent' => $method === $change->treatment->method,
            'cells' => array_map(
                static fn (array $cell): array => array_map(static fn (string|float $of): string|float => \is_string($of) ? $of : Rounded::of($of), $cell),
                JoinPicture::of(
                    frame: $stages->frame,
                    fabric: $stages->fabric,
                    colouring: $stages->colouring,
                    byRounds: $stages->byRounds,
                    treatments: $stages->treatments,
                    gauge: $plan->gaugeOf($stages->piece),
                    lean: $plan->leanOf($stages->piece),
                    round: $change->place->treated,
                    method: $method,
                )->cells,
            ),
        ], [$change->treatment->method, ...$others]);
    }
}
