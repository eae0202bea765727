<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Colour\YarnRun;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\Problem;

/** What a shelf shows of a plan without opening it. */
final class ShelfSummary
{
    /** Rounds in the small picture; of more, some are left out evenly. */
    private const ROUNDS = 40;
    /** Runs in one of its bands; a round of more is shown by as many of its stitches, evenly. */
    private const RUNS = 32;

    /** @return array<string, mixed> contract/openapi.yaml, PlanSummary */
    public static function values(Analysis $analysis): array
    {
        $colours = [];
        foreach ($analysis->plan->yarns as $yarn) {
            $colours[$yarn->key] = $yarn->hex;
        }

        return [
            'pieces' => \count($analysis->pieces),
            'rounds' => array_sum(array_map(static fn (PieceAnalysis $piece): int => \count($piece->stages->reading->rounds), $analysis->pieces)),
            'stitches' => array_sum(array_map(
                static fn (PieceAnalysis $piece): int => $piece->stages->reading->stitches() * $piece->piece->copies->count,
                $analysis->pieces,
            )),
            'problems' => \count(Problem::errors($analysis->problems)),
            'yarns' => array_values($colours),
            'picture' => self::picture($analysis->pieces, $colours),
        ];
    }

    /**
     * The rounds of the piece with the most stitches as bands, from its top down.
     *
     * @param list<PieceAnalysis>   $pieces
     * @param array<string, string> $colours
     *
     * @return list<array{makes: int, runs: list<array{hex: string, stitches: int}>}>
     */
    private static function picture(array $pieces, array $colours): array
    {
        $stitches = array_map(static fn (PieceAnalysis $piece): int => $piece->stages->reading->stitches(), $pieces);
        $piece = [] === $stitches ? null : $pieces[(int) array_search(max($stitches), $stitches, true)];
        if (null === $piece) {
            return [];
        }
        $rounds = $piece->stages->colouring->rounds;
        $rounds = $piece->stages->frame->beginsAtTop() ? $rounds : array_reverse($rounds);
        $count = \count($rounds);
        $bands = [];
        for ($i = 0, $shown = min($count, self::ROUNDS); $i < $shown; ++$i) {
            $round = $rounds[intdiv($i * $count, $shown)];
            $makes = \strlen($round);
            $round = \count(Colouring::runs($round)) > self::RUNS ? self::thinned($round) : $round;
            $bands[] = [
                'makes' => $makes,
                'runs' => array_map(
                    static fn (YarnRun $run): array => ['hex' => $colours[$run->yarn] ?? '#808080', 'stitches' => $run->stitches],
                    Colouring::runs($round),
                ),
            ];
        }

        return $bands;
    }

    private static function thinned(string $round): string
    {
        $letters = '';
        for ($i = 0, $makes = \strlen($round); $i < self::RUNS; ++$i) {
            $letters .= $round[intdiv($i * $makes, self::RUNS)];
        }

        return $letters;
    }
}
