<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\HookSize;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Units;
use Alternum\Core\Words\PieceWords;
use Alternum\Core\Words\SafetyWords;
use Alternum\Core\Words\TipWords;

/** A plan as a written pattern, to print or to send. Its rounds can be read back by the notation's reader. */
final class WrittenPattern
{
    public static function text(Analysis $analysis, Terms $terms): string
    {
        $plan = $analysis->plan;
        $vocabulary = Vocabulary::of($terms);
        $lines = ['# '.$plan->title, ''];
        $hook = $plan->gauge->hookMm;
        if (null !== $hook) {
            $us = HookSize::us($hook);
            $lines[] = "Hook: {$hook} mm".(null === $us ? '' : ", US {$us}");
        }
        $over = Units::Metric === $plan->units ? '10 cm' : '4 in';
        $gauge = Terms::Us === $terms ? 'Gauge' : 'Tension';
        $lines[] = "{$gauge}: {$plan->gauge->stitchesPer10cm} stitches and {$plan->gauge->roundsPer10cm} rounds in {$over}";
        $names = [];
        foreach ([
            [Stitch::Single, 'single crochet', 'double crochet'],
            [Stitch::Increase, 'two in one stitch', 'two in one stitch'],
            [Stitch::Decrease, 'two together', 'two together'],
        ] as [$stitch, $us, $uk]) {
            $names[] = $vocabulary->abbreviation($stitch).' '.(Terms::Us === $terms ? $us : $uk);
        }
        $lines[] = 'Words: '.strtoupper($terms->value).'; '.implode(', ', $names).', MR magic ring';
        $lines[] = 'Change: work the stitch before a change to its last yarn over, and finish it with the new yarn;'
            .' within a round, carry the other loosely across the inside.';
        foreach (self::changes($analysis) ? TipWords::habits() : [] as $habit) {
            $lines[] = "Tip: {$habit}";
        }
        $lines[] = 'Marker: in the '.$plan->marker->value.' stitch of each round.';
        $lines[] = '';
        foreach ($analysis->amounts->amounts as $amount) {
            $yarn = $amount->yarn;
            if (0 === $amount->stitches) {
                continue;
            }
            $metres = $amount->metres();
            $length = Units::Metric === $plan->units ? number_format($metres, 1).' m' : number_format($metres / Units::YARD_IN_METRES, 1).' yd';
            $lines[] = "Yarn: {$yarn->key} {$yarn->name}, {$yarn->weight->label()}".($yarn->strands > 1
                ? ", {$yarn->strands} strands"
                : '').", {$length}, ".number_format($amount->grams($metres), 1).' g';
        }
        $lines[] = '';
        foreach (SafetyWords::cautions($plan->hasParts()) as $caution) {
            $lines[] = "Caution: {$caution}";
        }
        foreach ($analysis->pieces as $piece) {
            array_push($lines, ...self::piece($analysis->plan, $piece, $terms));
        }

        return implode("\n", $lines)."\n";
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
            $lines[] = '# '.$piece->piece->name.$names.($group->count > 1 ? " (make {$group->count})" : '');
            foreach (PieceWords::begin($plan, $piece->piece, $piece->edges) as $begin) {
                $lines[] = str_starts_with($begin, 'Begin ') ? 'Begin: '.substr($begin, 6) : 'Note: '.lcfirst($begin);
            }
            foreach (StepsWriter::steps($plan, $piece, $group, $terms) as $step) {
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
