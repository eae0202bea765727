<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Fabric\Size;
use Alternum\Core\Notation\Reading;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Words\PatternWords;
use Alternum\Core\Words\PieceWords;
use Alternum\Core\Words\SafetyWords;

/** A plan as a written pattern, to print or to send. Its rounds can be read back by the notation's reader. */
final class WrittenPattern
{
    public static function text(Analysis $analysis, Terms $terms): string
    {
        $plan = $analysis->plan;
        $words = new PatternWords($plan, $terms);
        $readings = array_map(static fn (PieceAnalysis $piece): Reading => $piece->stages->reading, $analysis->pieces);
        $lines = [
            '# '.$plan->title,
            '',
            ...self::size($analysis, $words),
            ...$words->materials($analysis->amounts->amounts, self::stuffing($analysis)),
            $words->gauge(),
            '',
            $words->abbreviations($readings),
            '',
            ...$words->notes(self::changes($analysis)),
        ];
        foreach ($analysis->pieces as $piece) {
            array_push($lines, ...self::piece($analysis->plan, $piece, $terms));
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
                $sizes[] = [Size::of($piece->stages->fabric), $piece];
            }
        }

        return $sizes;
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
    private static function piece(Plan $plan, PieceAnalysis $piece, Terms $terms): array
    {
        $lines = [];
        $groups = $piece->piece->copies->groups();
        foreach ($groups as $group) {
            $names = \count($groups) > 1 ? ' ('.implode(', ', $group->names).')' : '';
            $lines[] = '';
            $heading = PatternWords::heading($group->count, $piece->stages->frame->beginsAtTop(), $piece->piece->worked);
            $lines[] = "# {$piece->piece->name}{$names} ({$heading})";
            foreach (PieceWords::begin($plan, $piece->piece, $piece->edges) as $begin) {
                $lines[] = str_starts_with($begin, 'Begin ') ? 'Begin: '.substr($begin, 6) : 'Note: '.lcfirst($begin);
            }
            foreach (StepsWriter::steps($plan, $piece, $group, $terms, true) as $step) {
                $lines[] = $step['text'].implode(
                    '',
                    array_map(static fn (string $cue): string => '. '.rtrim($cue, '. '), $step['cues']),
                ).([] === $step['cues'] ? '' : '.');
                foreach ($step['then'] as $toDo) {
                    $lines[] = (str_starts_with($toDo, 'After stitch') ? 'Change: ' : 'Note: ').lcfirst($toDo);
                }
            }
        }

        return $lines;
    }
}
