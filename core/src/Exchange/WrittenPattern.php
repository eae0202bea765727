<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Frame\EndReason;
use Alternum\Core\Making\PatternLine;
use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\Step\WorkRounds;
use Alternum\Core\Notation\Spelling;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\Assembly\WorkMode;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Words\Pattern\ChartRound;
use Alternum\Core\Words\Pattern\PatternDocument;
use Alternum\Core\Words\Pattern\PatternSection;
use Alternum\Core\Words\Pattern\PatternText;
use Alternum\Core\Words\PatternWords;
use Alternum\Core\Words\PieceWords;
use Alternum\Core\Words\SafetyWords;
use Alternum\Core\Words\StepWords;

/** A plan as a written pattern, to print or to send. Its rounds can be read back by the notation's reader. */
final class WrittenPattern
{
    /** Copies in yarns of their own are written each for itself up to so many rounds in all. */
    private const ROUNDS = 2000;

    /** @param bool $isOnce copies in yarns of their own are written once, with what they have instead */
    public static function text(Analysis $analysis, Terms $terms, bool $isOnce = true): string
    {
        return PatternText::of(self::document($analysis, $terms, $isOnce));
    }

    public static function document(Analysis $analysis, Terms $terms, bool $isOnce = true): PatternDocument
    {
        $needed = new WhatIsNeeded($analysis, $terms);
        $sections = [new PatternSection($needed->lines()), new PatternSection([$needed->abbreviations()]), new PatternSection($needed->notes())];
        if (WorkMode::PiecesFirst !== $analysis->plan->workMode) {
            $sections[] = new PatternSection(self::order($analysis, $terms), 'ORDER OF WORK');
        }
        foreach ($analysis->pieces as $piece) {
            array_push($sections, ...self::piece($analysis, $piece, $terms, $isOnce));
        }
        $together = ToyWriter::assembly($analysis, $terms);
        if ([] !== $together) {
            $lines = [];
            foreach ($together as $i => $step) {
                $lines[] = PatternLine::of(($i + 1).'. '.$step['text'].'.', $step['key']);
            }
            $sections[] = new PatternSection($lines, 'ASSEMBLY');
        }
        $cautions = SafetyWords::cautions($analysis->plan);
        $sections[] = new PatternSection(array_map(static fn (string $caution): PatternLine => PatternLine::named('Caution', $caution), $cautions));

        return new PatternDocument($analysis->plan->title, $sections);
    }

    /** @return list<PatternLine> what is made and put on, by its number in the assembly */
    private static function order(Analysis $analysis, Terms $terms): array
    {
        $numbers = array_flip(array_column(ToyWriter::assembly($analysis, $terms), 'key'));
        $lines = [];
        foreach (ToyWriter::order($analysis, $terms) as $i => $task) {
            $lines[] = PatternLine::of(($i + 1).'. '.(isset($numbers[$task['key']]) ? 'Assembly, step '.($numbers[$task['key']] + 1) : $task['text']).'.');
        }

        return $lines;
    }

    /** @return list<PatternSection> one for each set of yarns that it is made in */
    private static function piece(Analysis $analysis, PieceAnalysis $piece, Terms $terms, bool $isOnce): array
    {
        $sections = [];
        $isMixed = 1 < \count(array_unique(array_map(static fn (PieceAnalysis $one): string => $one->piece->worked->value, $analysis->pieces)));
        $groups = $piece->piece->copies->groups();
        $isLong = \count($groups) * \count($piece->stages->reading->rounds) > self::ROUNDS;
        $isOnce = ($isOnce || $isLong) && \count($groups) > 1;
        foreach ($isOnce ? \array_slice($groups, 0, 1) : $groups as $group) {
            $names = \count($groups) > 1 && !$isOnce ? $group->names : [];
            $sections[] = new PatternSection(
                [
                    ...$isOnce ? array_map(PatternWords::instead(...), $groups) : [],
                    ...PatternWords::helices($piece->piece, $group),
                    ...PieceWords::frontPlace($piece->piece, $piece->stages->frame),
                    ...self::steps($piece, StepsWriter::words($analysis->plan, $piece, $group, $terms, Spelling::Pattern)),
                ],
                PatternWords::heading(
                    $piece->piece->name,
                    $names,
                    $isOnce ? $piece->piece->copies->count : $group->count,
                    EndReason::Said === $piece->stages->end->reason ? $piece->stages->end->firstRound : null,
                    Worked::Rows === $piece->piece->worked || $isMixed ? $piece->piece->worked : null,
                ),
                ChartRound::all($piece->stages->colouring->rounds, $piece->stages->frame, $group->yarns),
            );
        }

        return $sections;
    }

    /** @return list<PatternLine> what is done with rounds stands on their line, how the piece ends on lines of its own, all in the order of the work */
    private static function steps(PieceAnalysis $piece, StepWords $words): array
    {
        $lines = $with = $ending = $after = [];
        $rounds = null;
        foreach ([...$piece->steps(), null] as $step) {
            if (null === $step || $step instanceof WorkRounds) {
                if (null !== $rounds) {
                    $heading = array_map(static fn (string $yarn): PatternLine => PatternLine::of($yarn), $words->rounds->yarnHeading($rounds->worked));
                    array_push($lines, ...$heading, ...[PatternLine::of($words->rounds->patternLine($rounds->worked, $with), $rounds->key())], ...$after);
                }
                [$rounds, $with, $after] = [$step, [], []];
                continue;
            }
            $place = $step->place();
            if (PatternPlace::UnderRounds === $place || PatternPlace::AsTyped === $place) {
                array_push($after, ...self::sentences($ending));
                $ending = [];
                $own = $step->lines($words);
                null === $rounds ? array_push($lines, ...$own) : array_push($after, ...$own);
            } elseif (PatternPlace::Nowhere !== $place && '' !== $text = $step->toDo($words, true)) {
                PatternPlace::OnRounds === $place ? $with[] = $text : $ending[] = rtrim($text, '. ').'.';
            }
        }

        return [...$lines, ...self::sentences($ending)];
    }

    /**
     * @param list<string> $sentences
     *
     * @return list<PatternLine> one with all of them; none where there are none
     */
    private static function sentences(array $sentences): array
    {
        return [] === $sentences ? [] : [PatternLine::of(implode(' ', $sentences))];
    }
}
