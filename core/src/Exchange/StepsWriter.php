<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Making\Step;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\CopyGroup;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Words\ChangeWords;
use Alternum\Core\Words\PieceWords;
use Alternum\Core\Words\PlacingWords;
use Alternum\Core\Words\StepWords;
use Alternum\Core\Words\YarnWords;

/** The steps of a piece, written out for each set of yarns that it is made in: contract/openapi.yaml, Steps. */
final class StepsWriter
{
    /**
     * @return array{begin: list<string>, copies: list<array{copies: int, names: list<string>, steps: list<array{from: int, to: int, text: string,
     *   makes: int, yarns: list<string>, then: list<string>, cues: list<string>}>}>} the steps once for each set of yarns
     */
    public static function values(Plan $plan, PieceAnalysis $piece, Terms $terms): array
    {
        $copies = array_map(static fn (CopyGroup $group): array => [
            'copies' => $group->count,
            'names' => $group->names,
            'steps' => self::steps($plan, $piece, $group, $terms),
        ], $piece->piece->copies->groups());

        return ['begin' => PieceWords::begin($plan, $piece->piece, $piece->edges), 'copies' => $copies];
    }

    /**
     * @param bool $isBrief what the rounds themselves say is not said again
     *
     * @return list<array{from: int, to: int, text: string, makes: int, yarns: list<string>, then: list<string>, cues: list<string>}>
     */
    public static function steps(Plan $plan, PieceAnalysis $piece, CopyGroup $group, Terms $terms, bool $isBrief = false): array
    {
        $yarns = new YarnWords($plan, $group->yarns);
        $stages = $piece->stages;
        $words = new StepWords(
            piece: $piece->piece,
            reading: $stages->reading,
            colouring: $stages->colouring,
            changes: new ChangeWords(
                plan: $plan,
                piece: $piece->piece,
                fabric: $stages->fabric,
                reading: $stages->reading,
                yarns: $yarns,
                terms: $terms,
                covers: array_map(PlacingWords::it(...), $piece->covers()),
            ),
            yarns: $yarns,
            terms: $terms,
        );

        return array_map(static fn (Step $step): array => [
            'from' => $step->from,
            'to' => $step->to,
            'text' => $words->text($step),
            'makes' => $step->makes,
            'yarns' => $words->yarns($step),
            'then' => $words->after($step, $isBrief),
            'cues' => $step->cues,
        ], $piece->steps());
    }
}
