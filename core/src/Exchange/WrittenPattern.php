<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Size;
use Alternum\Core\Making\Moment;
use Alternum\Core\Making\Placed;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StuffGo;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Spelling;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Place\Change;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Words\Difficulty;
use Alternum\Core\Words\PatternWords;
use Alternum\Core\Words\PieceWords;
use Alternum\Core\Words\SafetyWords;
use Alternum\Core\Words\StepWords;

/** A plan as a written pattern, to print or to send. Its rounds can be read back by the notation's reader. */
final class WrittenPattern
{
    /** @param bool $isOnce copies in yarns of their own are written once, with what they have instead */
    public static function text(Analysis $analysis, Terms $terms, bool $isOnce = false): string
    {
        $plan = $analysis->plan;
        $words = new PatternWords($plan, $terms);
        $readings = array_map(static fn (PieceAnalysis $piece): Reading => $piece->stages->reading, $analysis->pieces);
        $lines = [
            '# '.$plan->title,
            '',
            ...self::size($analysis, $words),
            'Difficulty: '.self::difficulty($analysis)->inWords(),
            ...$words->materials($analysis->amounts->amounts, self::stuffing($analysis)),
            $words->gauge(),
            '',
            $words->abbreviations($readings),
            '',
            ...$words->notes(self::changes($analysis)),
        ];
        foreach ($analysis->pieces as $piece) {
            array_push($lines, ...self::piece($analysis->plan, $piece, $terms, $isOnce));
        }
        $lines[] = '';
        foreach (SafetyWords::cautions($plan->hasParts()) as $caution) {
            $lines[] = "Caution: {$caution}";
        }

        return implode("\n", $lines)."\n";
    }

    /** @return list<string> how large the largest piece is; none where none is worked in the round */
    private static function size(Analysis $analysis, PatternWords $words): array
    {
        $stuffed = self::stuffed($analysis);
        usort($stuffed, static fn (array $one, array $other): int => $other[0]->volume <=> $one[0]->volume);

        return [] === $stuffed ? [] : [$words->size($stuffed[0][1]->piece->name, $stuffed[0][0])];
    }

    /** @return float grams for all pieces in the round and their copies, stuffed firmly */
    private static function stuffing(Analysis $analysis): float
    {
        return array_sum(array_map(
            static fn (array $stuffed): float => $stuffed[0]->stuffingGrams()['high'] * $stuffed[1]->piece->copies->count,
            self::stuffed($analysis),
        ));
    }

    /** @return list<array{Size, PieceAnalysis}> the pieces in the round */
    private static function stuffed(Analysis $analysis): array
    {
        $sizes = [];
        foreach ($analysis->pieces as $piece) {
            if (Worked::Rows !== $piece->piece->worked && [] !== $piece->stages->reading->rounds) {
                $sizes[] = [$piece->size(), $piece];
            }
        }

        return $sizes;
    }

    private static function difficulty(Analysis $analysis): Difficulty
    {
        $most = 0;
        $isJoined = $hasShaped = false;
        foreach ($analysis->pieces as $piece) {
            foreach ($piece->stages->colouring->rounds as $letters) {
                $most = max($most, \count(Colouring::runs($letters)) - 1);
            }
            foreach ($piece->stages->reading->rounds as $round) {
                $hasShaped = $hasShaped || [] !== array_diff(array_map(\chr(...), array_keys(count_chars($round->codes, 1))), self::known());
            }
            $isJoined = $isJoined || null !== $piece->piece->start;
        }

        return Difficulty::of($most, $isJoined, $hasShaped);
    }

    /** @return list<string> codes of the stitches that every maker knows */
    private static function known(): array
    {
        return array_map(
            static fn (Stitch $stitch): string => $stitch->code(),
            [Stitch::Single, Stitch::Increase, Stitch::Decrease, Stitch::InvisibleDecrease, Stitch::SlipStitch, Stitch::Chain],
        );
    }

    private static function changes(Analysis $analysis): bool
    {
        foreach ($analysis->pieces as $piece) {
            if ([] !== $piece->changes->all) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> once for each set of yarns that it is made in */
    private static function piece(Plan $plan, PieceAnalysis $piece, Terms $terms, bool $isOnce): array
    {
        $lines = [];
        $groups = $piece->piece->copies->groups();
        $isOnce = $isOnce && \count($groups) > 1;
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
            if (null === $step || null !== $step->worked) {
                if (null !== $worked) {
                    array_push($lines, ...$words->rounds->yarnHeading($worked), ...[$words->rounds->patternLine($worked, $with)], ...$after);
                }
                [$worked, $with, $after] = [$step?->worked, [], []];
                continue;
            }
            $text = $words->text($step, true);
            if ('' === $text || $words->isSaidByRounds($step)) {
                continue;
            }
            if (null === $worked) {
                foreach (explode('. ', $text) as $begin) {
                    $lines[] = match (true) {
                        \is_string($step->about) => $begin,
                        str_starts_with($begin, 'Begin ') => 'Begin: '.substr($begin, 6),
                        default => 'Note: '.lcfirst($begin),
                    };
                }
            } elseif ($step->about instanceof Change || $step->about instanceof Placed
                || \in_array($step->about, [Moment::MarkerMoves, Moment::StuffBetween], true)) {
                $after[] = ($step->about instanceof Change ? 'Change: ' : 'Note: ').lcfirst($text);
            } elseif (StepKind::Note === $step->kind) {
                $after[] = "# {$text}";
            } elseif (\is_string($step->about) || $step->about instanceof StuffGo || StepKind::Turn === $step->kind) {
                $with[] = $text;
            } else {
                $ending[] = rtrim($text, '. ').'.';
            }
        }

        return [] === $ending ? $lines : [...$lines, implode(' ', $ending)];
    }
}
