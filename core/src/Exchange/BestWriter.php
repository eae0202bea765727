<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Change\Search\Minds;
use Alternum\Core\Change\Search\Weights;
use Alternum\Core\Edit\BestChanges;
use Alternum\Core\Edit\ChangeFigures;
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
        $before = ChangeFigures::of($now, $at);
        $best = [];
        $trials = null;
        foreach ([...Minds::cases(), ...null === $own ? [] : [$own]] as $minds) {
            [$better, $isExact, $trials] = (new BestChanges($piece, $minds))->found($now, $trials);
            $after = ChangeFigures::of($now->recoloured($better, $piece), $at);
            $ends = $after->ends - $before->ends;
            $mm = $after->mm - $before->mm;
            $best[] = [
                'minds' => $minds instanceof Minds ? $minds->value : 'own',
                'says' => BestWords::of($ends, $mm / 1000.0, \count($after->shown), $plan->units, $isExact),
                'better' => match ($minds) {
                    Minds::Ends => $ends < 0,
                    Minds::Yarn => $mm < -10.0,
                    Minds::Front => $after->steps() < $before->steps() - 1e-9,
                    default => $after->score($minds) < $before->score($minds) - 1e-6,
                },
            ];
        }

        return $best;
    }
}
