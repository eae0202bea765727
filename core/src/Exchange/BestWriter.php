<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Change\Search\Minds;
use Alternum\Core\Change\Search\Weights;
use Alternum\Core\Edit\BestChanges;
use Alternum\Core\Place\Change;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Words\BestWords;

/** The best plans of changes for a piece against its present one, as values for JSON: contract/openapi.yaml, bestChanges. */
final class BestWriter
{
    /**
     * @param Weights|null $own the maker’s own weights; null: none
     *
     * @return list<array{minds: string, says: string, better: bool}> none where nothing is to be decided
     */
    public static function values(Plan $plan, string $piece, ?Weights $own = null): array
    {
        $at = array_search($piece, array_column($plan->pieces, 'key'), true);
        if (!\is_int($at)) {
            return [];
        }
        $now = Analysis::of($plan);
        if ([] === $now->pieces[$at]->changes->jogs()) {
            return [];
        }
        $best = [];
        foreach ([...Minds::cases(), ...null === $own ? [] : [$own]] as $minds) {
            [$better, $isExact] = (new BestChanges($piece, $minds))->found($plan);
            $then = $now->recoloured($better, $piece);
            $ends = $then->lengths[$at]->ends() - $now->lengths[$at]->ends();
            $mm = $then->lengths[$at]->onChanging() - $now->lengths[$at]->onChanging();
            $best[] = [
                'minds' => $minds instanceof Minds ? $minds->value : 'own',
                'says' => BestWords::of($ends, $mm / 1000.0, \count(self::showing($then, $at)), $plan->units, $isExact),
                'better' => match ($minds) {
                    Minds::Ends => $ends < 0,
                    Minds::Yarn => $mm < -10.0,
                    Minds::Front => self::steps(self::showing($then, $at)) < self::steps(self::showing($now, $at)) - 1e-9,
                    default => $minds->score($ends, $mm, self::steps(self::showing($then, $at)) - self::steps(self::showing($now, $at))) < -1e-6,
                },
            ];
        }

        return $best;
    }

    /** @return list<Change> */
    private static function showing(Analysis $analysis, int $at): array
    {
        $covers = $analysis->pieces[$at]->covers();

        return array_values(array_filter(
            $analysis->pieces[$at]->changes->jogs(),
            static fn (Change $jog): bool => $jog->shows() && !isset($covers[$jog->place->treated]),
        ));
    }

    /** @param list<Change> $jogs */
    private static function steps(array $jogs): float
    {
        return array_sum(array_map(static fn (Change $jog): float => $jog->treatment->step, $jogs));
    }
}
