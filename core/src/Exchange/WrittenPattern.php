<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\Step\WorkRounds;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Notation\Spelling;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
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
    public static function text(Analysis $analysis, Terms $terms, bool $isOnce = false): string
    {
        $plan = $analysis->plan;
        $needed = new WhatIsNeeded($analysis, $terms);
        $lines = ['# '.$plan->title, '', ...$needed->lines(), '', $needed->abbreviations(), '', ...$needed->notes()];
        foreach ($analysis->pieces as $piece) {
            array_push($lines, ...self::piece($analysis->plan, $piece, $terms, $isOnce));
        }
        $lines[] = '';
        foreach (SafetyWords::cautions($plan->hasParts()) as $caution) {
            $lines[] = "Caution: {$caution}";
        }

        return implode("\n", $lines)."\n";
    }

    /** @return list<string> once for each set of yarns that it is made in */
    private static function piece(Plan $plan, PieceAnalysis $piece, Terms $terms, bool $isOnce): array
    {
        $lines = [];
        $groups = $piece->piece->copies->groups();
        $isLong = \count($groups) * \count($piece->stages->reading->rounds) > self::ROUNDS;
        $isOnce = ($isOnce || $isLong) && \count($groups) > 1;
        foreach ($isOnce ? \array_slice($groups, 0, 1) : $groups as $group) {
            $names = \count($groups) > 1 && !$isOnce ? $group->names : [];
            array_push(
                $lines,
                '',
                PatternWords::heading(
                    $piece->piece->name,
                    $names,
                    $isOnce ? $piece->piece->copies->count : $group->count,
                    $piece->stages->frame->beginsAtTop(),
                    $piece->piece->worked,
                ),
                ...$isOnce ? array_map(PatternWords::instead(...), $groups) : [],
                ...PatternWords::helices($piece->piece, $group),
                ...PieceWords::frontPlace($piece->piece, $piece->stages->frame),
                ...self::steps($piece, StepsWriter::words($plan, $piece, $group, $terms, Spelling::Pattern)),
            );
        }

        return $lines;
    }

    /** @return list<string> what is done with rounds stands on their line, how the piece ends on the last, all else on one of its own */
    private static function steps(PieceAnalysis $piece, StepWords $words): array
    {
        $lines = $with = $ending = $after = [];
        $worked = null;
        foreach ([...$piece->steps(), null] as $step) {
            if (null === $step || $step instanceof WorkRounds) {
                if (null !== $worked) {
                    array_push($lines, ...$words->rounds->yarnHeading($worked), ...[$words->rounds->patternLine($worked, $with)], ...$after);
                }
                [$worked, $with, $after] = [$step?->worked, [], []];
                continue;
            }
            $text = $step->toDo($words, true);
            $place = '' === $text ? PatternPlace::Nowhere : $step->place();
            if (null === $worked && PatternPlace::AsTyped !== $place) {
                foreach ('' === $text ? [] : explode('. ', $text) as $begin) {
                    $lines[] = str_starts_with($begin, 'Begin ') ? 'Begin: '.substr($begin, 6) : 'Note: '.lcfirst($begin);
                }
                continue;
            }
            match ($place) {
                PatternPlace::OnRounds => $with[] = $text,
                PatternPlace::UnderRounds => $after[] = (StepKind::Change === $step->kind() ? 'Change: ' : 'Note: ').lcfirst($text),
                PatternPlace::AsTyped => null === $worked ? $lines[] = $text : $after[] = $text,
                PatternPlace::Ending => $ending[] = rtrim($text, '. ').'.',
                PatternPlace::Nowhere => null,
            };
        }

        return [] === $ending ? $lines : [...$lines, implode(' ', $ending)];
    }
}
