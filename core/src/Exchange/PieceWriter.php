<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Change\Sight;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Edit\AsSpiral;
use Alternum\Core\Fabric\StandOut;
use Alternum\Core\Fabric\StitchFeet;
use Alternum\Core\Form\RoundEdge;
use Alternum\Core\Making\CueOffer;
use Alternum\Core\Making\Placed;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\Helices;
use Alternum\Core\Place\HelixPart;
use Alternum\Core\Place\Pair;
use Alternum\Core\Plan\Layer\Helix;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Layer\MovableLayer;
use Alternum\Core\Plan\Layer\RoundRange;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Toy\Hardware;
use Alternum\Core\Toy\LaidThread;
use Alternum\Core\Words\EndWords;
use Alternum\Core\Words\FormWords;
use Alternum\Core\Words\MessageWords;
use Alternum\Core\Words\PieceWords;
use Alternum\Core\Words\PlacingWords;
use Alternum\Core\Words\SideWords;
use Alternum\Core\Words\TipWords;
use Alternum\Core\Words\WhereWords;
use Alternum\Core\Yarn\PieceLengths;

/** What was made of one piece as values for JSON: contract/analysis.schema.json, PieceAnalysis. Changes within rounds are only counted: see ChangeWriter. */
final class PieceWriter
{
    /** @return array<string, mixed> */
    public static function values(Plan $plan, PieceAnalysis $analysis, PieceLengths $lengths): array
    {
        $piece = $analysis->piece;
        $stages = $analysis->stages;
        $reading = $stages->reading;
        $changes = ChangeWriter::of($plan, $analysis);
        $front = $analysis->bestFront();
        $spirals = array_map(
            static fn (Helix $helix): array => ['from' => $helix->from, 'to' => $helix->to, 'yarns' => implode('', $helix->yarns)],
            AsSpiral::in($piece, $stages->colouring),
        );
        $harmony = $analysis->harmony($plan);
        $line = $analysis->lineCompared();
        $sides = SideWords::of($stages->frame->lies());

        return [
            'key' => $piece->key,
            'name' => $piece->name,
            'copies' => $piece->copies->count,
            'worked' => $piece->worked->value,
            'beginsOn' => $reading->on,
            'beginning' => PieceWords::beginning($plan, $piece, $analysis->edges),
            'namesColours' => $reading->namesYarns(),
            'stitches' => $reading->stitches(),
            'lean' => $plan->leanOf($piece),
            'stitchMm' => [Rounded::of($plan->gaugeOf($piece)->stitchWidthMm()), Rounded::of($plan->gaugeOf($piece)->roundHeightMm())],
            'frontDegrees' => Rounded::of($piece->frontDegrees),
            'beginsAtTop' => $stages->frame->beginsAtTop(),
            'lies' => $stages->frame->lies(),
            'endAsked' => $analysis->asksEnd() ? EndWords::of($stages->end) : null,
            'tips' => array_map(TipWords::of(...), $analysis->tips($plan)),
            'showsWithinDegrees' => Sight::WITHIN,
            'size' => [] === $reading->rounds ? null : self::size($plan, $analysis),
            'lines' => array_map(static fn (?RoundRange $span): ?array => null === $span ? null : ['from' => $span->from, 'to' => $span->to], $reading->spans),
            'rounds' => self::rounds($plan, $analysis),
            'changes' => array_map(
                $changes->values(...),
                array_values(array_filter($analysis->changes->all, static fn (Change $change): bool => $change->place->isAtEnd || $change->place->isJog)),
            ),
            'ends' => $lengths->ends(),
            'changingMm' => Rounded::of($lengths->onChanging()),
            'changeLine' => ['jogs' => $line->jogs, 'showOnLine' => $line->showOnLine, 'showAtMarker' => $line->showAtMarker],
            'changesWithin' => self::within($analysis),
            'layers' => array_map(
                static fn (LayerEntry $entry): array => [
                    'says' => $entry->layer->inWords(),
                    'yarns' => array_values(array_unique($entry->layer->yarns())),
                    'movable' => $entry->layer instanceof MovableLayer,
                ],
                $piece->colours,
            ),
            'pairs' => array_map(
                static fn (Pair $pair): array => [
                    'one' => $pair->one,
                    'other' => $pair->other,
                    'difference' => Rounded::of($pair->difference),
                    'remark' => PieceWords::pair($pair),
                ],
                $harmony->pairs,
            ),
            'shine' => PieceWords::shine($harmony),
            'faceRemarks' => PieceWords::face($analysis->face(), $sides),
            'placed' => array_map(static fn (Placed $placed): array => self::placed($plan, $analysis, $placed, $sides), $analysis->placing->placed),
            'threads' => array_map(static fn (LaidThread $laid): array => ToyWriter::thread($plan, $analysis, $laid), $analysis->threads->all),
            'offers' => array_map(
                static fn (CueOffer $offer): array => ['line' => $offer->line, 'text' => $offer->text, 'label' => MessageWords::says($offer->label)],
                $analysis->offers($plan),
            ),
            'bestFront' => [
                'degrees' => $front->degrees,
                'nearestStep' => $front->nearest,
                'better' => $front->isBetter,
                'why' => PieceWords::front($front, $stages->frame->lies()),
            ],
        ] + ([] === $spirals ? [] : ['spirals' => $spirals]);
    }

    /** @return list<array<string, mixed>> */
    private static function rounds(Plan $plan, PieceAnalysis $analysis): array
    {
        $stages = $analysis->stages;
        $helices = Helices::of($analysis->piece, $stages->reading);
        $rounds = [];
        foreach ($stages->reading->rounds as $i => $round) {
            $lies = $stages->fabric->rounds[$i];
            $start = $stages->frame->degrees($round->number, 0.0);
            $marker = $stages->frame->markerDegrees($round->number, $plan->marker);
            $cues = $stages->reading->cuesOf($round->number);
            $loops = $helices->loops($round->number);
            $out = array_map(static fn (StandOut $one): array => [$one->after, Rounded::of($one->long), Rounded::of($one->wide)], StandOut::all($round));
            $feet = StitchFeet::signs($round);
            $ridges = StitchFeet::ridges($round);
            $rounds[] = [
                'number' => $round->number,
                'line' => $round->line,
                'uses' => $round->uses,
                'makes' => $round->makes,
                'startDegrees' => Rounded::of($start) < 360.0 ? Rounded::of($start) : 0.0,
                'heightMm' => Rounded::of($lies->height),
                'runs' => self::runs($stages->colouring->rounds[$i]),
            ]
                + (abs($marker - $start) < 0.005 ? [] : ['markerDegrees' => Rounded::of($marker)])
                + ('' === trim($lies->tops, Stitch::Single->code()) ? [] : ['tops' => $lies->tops])
                + ([] === $loops ? [] : ['loops' => $loops])
                + ([] === $out ? [] : ['out' => $out])
                + ('' === $feet ? [] : ['feet' => $feet])
                + ([] === $ridges ? [] : ['ridges' => $ridges])
                + ($lies->ruffles ? ['ruffles' => true] : [])
                + ($round->readable ? [] : ['readable' => false])
                + ([] === $cues ? [] : ['cues' => $cues]);
        }

        return $rounds;
    }

    /** "A12 B3": a yarn's letter and how many stitches. */
    public static function runs(string $letters): string
    {
        $runs = [];
        foreach (Colouring::runs($letters) as $run) {
            $runs[] = $run->yarn.$run->stitches;
        }

        return implode(' ', $runs);
    }

    /** @return list<array{round: int, changes: int}> how many changes lie within each round that has some */
    private static function within(PieceAnalysis $analysis): array
    {
        $counts = [];
        foreach ($analysis->changes->all as $change) {
            // Where each of several yarns goes on from where it waits, nothing is changed that is to be minded.
            if ($change->place->isWithin() && HelixPart::GoesOn !== $change->yarns->helix) {
                $counts[$change->place->round] = ($counts[$change->place->round] ?? 0) + 1;
            }
        }

        return array_map(static fn (int $round, int $count): array => ['round' => $round, 'changes' => $count], array_keys($counts), array_values($counts));
    }

    /** @return array<string, mixed> */
    private static function size(Plan $plan, PieceAnalysis $analysis): array
    {
        $form = $analysis->form;
        $front = $analysis->stages->piece->frontDegrees;

        return [
            'heightMm' => Rounded::of($form->height),
            'widthMm' => Rounded::of($form->width),
            'depthMm' => Rounded::of($form->depth),
            'girthMm' => Rounded::of($form->girth),
            'volumeMl' => Rounded::of($form->volume),
            'stuffingGrams' => array_map(Rounded::of(...), $form->stuffingGrams()),
            'lastReachRound' => $form->lastReach,
            'outline' => self::edges($form->outline),
            'unstuffed' => $form->outline === $form->unstuffed ? [] : self::edges($form->unstuffed),
            'remarks' => FormWords::remarks($plan->gaugeOf($analysis->piece), $form, $plan->units),
        ]
            + ($form->isRound() ? [] : ['straightDegrees' => $form->isOval ? 0.0 : Rounded::of(fmod($front + 90.0, 360.0))])
            + ([] === $form->lobes ? [] : ['lobes' => array_map(Rounded::of(...), $form->lobes)]);
    }

    /**
     * @param list<RoundEdge> $outline
     *
     * @return list<list<float>>
     */
    private static function edges(array $outline): array
    {
        return array_map(static fn (RoundEdge $edge): array => [
            Rounded::of($edge->radius),
            Rounded::of($edge->level),
            ...($edge->straight > 0.0 ? [Rounded::of($edge->straight)] : []),
        ], $outline);
    }

    /** @return array<string, mixed> */
    private static function placed(Plan $plan, PieceAnalysis $analysis, Placed $placed, SideWords $sides): array
    {
        return [
            'key' => $placed->placement->key,
            'kind' => $placed->placement->kind->value,
            'mm' => $placed->placement->mm,
            'covers' => $placed->placement->kind->covers(),
            'round' => $placed->round,
            'degrees' => array_map(Rounded::of(...), $placed->degrees),
            'after' => array_map(Rounded::of(...), $placed->after),
            'apartMm' => null === $placed->apartMm ? null : Rounded::of($placed->apartMm),
            'summary' => PlacingWords::summary($placed),
            'said' => WhereWords::said($plan, $analysis->piece->key, $placed->placement->place, $analysis->stages->frame->beginsAtTop() ? -1 : 1),
            'sizesMm' => Hardware::sizes($placed->placement->kind, $analysis->form->around($placed->round)),
            'remarks' => [
                ...PlacingWords::size(Hardware::off($placed->placement->mm, $placed->placement->kind, $analysis->form->around($placed->round))),
                ...PlacingWords::remarks($placed, $sides),
            ],
        ];
    }
}
