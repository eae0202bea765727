<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Colour\YarnRun;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\Plan;
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
        return self::of(
            $analysis->plan,
            array_map(static fn (PieceAnalysis $piece): PieceOnShelf => self::piece($analysis->plan, $piece), $analysis->pieces),
            \count(Problem::errors($analysis->problems)),
        );
    }

    /**
     * @param list<PieceOnShelf> $pieces
     *
     * @return array<string, mixed> contract/openapi.yaml, PlanSummary
     */
    public static function of(Plan $plan, array $pieces, int $errors): array
    {
        $stitches = array_map(static fn (PieceOnShelf $piece): int => $piece->stitches, $pieces);

        return [
            'pieces' => \count($pieces),
            'rounds' => array_sum(array_map(static fn (PieceOnShelf $piece): int => $piece->rounds, $pieces)),
            'stitches' => array_sum(array_map(static fn (PieceOnShelf $piece): int => $piece->stitches * $piece->copies, $pieces)),
            'problems' => $errors,
            'yarns' => array_values(self::colours($plan)),
            // Of the piece with the most stitches.
            'picture' => [] === $stitches ? [] : $pieces[(int) array_search(max($stitches), $stitches, true)]->picture,
        ];
    }

    public static function piece(Plan $plan, PieceAnalysis $piece): PieceOnShelf
    {
        $reading = $piece->stages->reading;

        return new PieceOnShelf($piece->piece->copies->count, \count($reading->rounds), $reading->stitches(), self::picture($piece, self::colours($plan)));
    }

    /** @return array<string, string> by yarn */
    private static function colours(Plan $plan): array
    {
        $colours = [];
        foreach ($plan->yarns as $yarn) {
            $colours[$yarn->key] = $yarn->hex;
        }

        return $colours;
    }

    /**
     * The rounds of a piece as bands, from its top down.
     *
     * @param array<string, string> $colours
     *
     * @return list<array{makes: int, runs: list<array{hex: string, stitches: int}>}>
     */
    private static function picture(PieceAnalysis $piece, array $colours): array
    {
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
