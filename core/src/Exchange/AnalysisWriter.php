<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Change\Change;
use Alternum\Core\Change\Changes;
use Alternum\Core\Change\Front;
use Alternum\Core\Change\Words;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Colour\Pair;
use Alternum\Core\Colour\Shade;
use Alternum\Core\Colour\Shapes;
use Alternum\Core\Colour\Sight;
use Alternum\Core\Fabric\Size;
use Alternum\Core\Fabric\Turn;
use Alternum\Core\Making\CueOffer;
use Alternum\Core\Making\Placed;
use Alternum\Core\Making\Step;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\GaugeCheck;
use Alternum\Core\Plan\HookSize;
use Alternum\Core\Plan\Marker;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Yarn\Amount;

/** The analysis as values for JSON: contract/analysis.schema.json. */
final class AnalysisWriter
{
    public static function json(Analysis $analysis): string
    {
        return Json::encode(self::values($analysis), true)."\n";
    }

    /** @return array<string, mixed> */
    public static function values(Analysis $analysis): array
    {
        $plan = $analysis->plan;

        return [
            'title' => $plan->title,
            'gauge' => self::gauge($plan),
            'pieces' => array_map(static fn (PieceAnalysis $piece): array => self::piece($plan, $piece), $analysis->pieces),
            'yarns' => array_map(self::amount(...), $analysis->amounts->amounts),
            'usualLeans' => ['over' => Plan::USUAL_LEAN, 'under' => Plan::USUAL_LEAN_UNDER],
            'shapes' => Shapes::names(),
            'stitches' => self::stitches($plan),
            'problems' => ReadingWriter::problems($analysis->problems),
        ];
    }

    /** @return array<string, string> by the codes of a round's tops, their names in the plan's words */
    private static function stitches(Plan $plan): array
    {
        $vocabulary = Vocabulary::of($plan->terms);
        $names = [];
        foreach (Stitch::cases() as $stitch) {
            if ($stitch->tops() === $stitch->code()) {
                $names[$stitch->code()] = $vocabulary->abbreviation($stitch);
            }
        }

        return $names;
    }

    /** @return array<string, mixed> */
    private static function gauge(Plan $plan): array
    {
        return [
            'stitchWidthMm' => self::rounded($plan->gauge->stitchWidthMm()),
            'roundHeightMm' => self::rounded($plan->gauge->roundHeightMm()),
            'hookUs' => null === $plan->gauge->hookMm ? null : HookSize::us($plan->gauge->hookMm),
            'remark' => GaugeCheck::remark($plan->gauge, $plan->yarns[0]->weight),
        ];
    }

    /** @return array<string, mixed> */
    private static function piece(Plan $plan, PieceAnalysis $analysis): array
    {
        $piece = $analysis->piece;
        $rounds = [];
        $named = $analysis->reading->yarns();
        foreach ($analysis->reading->rounds as $i => $round) {
            $course = $analysis->fabric->courses[$i];
            $rounds[] = [
                'number' => $round->number,
                'line' => $round->line,
                'uses' => $round->uses,
                'makes' => $round->makes,
                'startDegrees' => self::rounded(Turn::degrees($analysis->changes->starts[$i])),
                'markerDegrees' => self::rounded(Turn::degrees($analysis->changes->starts[$i] - (Marker::Last === $plan->marker ? 1 / $round->makes : 0.0))),
                'radiusMm' => self::rounded($course->radius),
                'heightMm' => self::rounded($course->height),
                'levelMm' => self::rounded($course->level),
                'ruffles' => $course->ruffles,
                'readable' => $round->readable,
                'yarns' => ReadingWriter::yarns($named[$i]),
                'cues' => $analysis->reading->cuesOf($round->number),
                'tops' => '' === trim($course->tops, Stitch::Single->code()) ? '' : $course->tops,
                'runs' => array_map(static fn (array $run): array => ['yarn' => $run[0], 'stitches' => $run[1]], Colouring::runs($analysis->colouring->rounds[$i])),
            ];
        }
        $words = new Words($plan, $piece, $analysis->fabric, $plan->terms);

        return [
            'key' => $piece->key,
            'name' => $piece->name,
            'copies' => $piece->copies->count,
            'worked' => $piece->worked->value,
            'beginsOn' => $analysis->reading->on,
            'beginning' => $analysis->beginning($plan),
            'namesColours' => $analysis->reading->namesYarns(),
            'stitches' => $analysis->reading->stitches(),
            'lean' => $plan->leanOf($piece),
            'frontDegrees' => self::rounded($piece->frontDegrees),
            'showsWithinDegrees' => Changes::SHOWS_WITHIN,
            'size' => Worked::Rows === $piece->worked || [] === $rounds ? null : self::size(Size::of($analysis->fabric)),
            'lines' => array_map(static fn (?array $span): ?array => null === $span ? null : ['from' => $span[0], 'to' => $span[1]], $analysis->reading->spans),
            'rounds' => $rounds,
            'changes' => array_map(static fn (Change $change): array => self::change($change, $words), $analysis->changes->changes),
            'pairs' => array_map(static fn (Pair $pair): array => ['one' => $pair->one, 'other' => $pair->other, 'difference' => self::rounded($pair->difference), 'remark' => $pair->remark], $analysis->harmony->pairs),
            'shine' => $analysis->harmony->shine,
            'faceRemarks' => $analysis->faceRemarks,
            'placed' => array_map(self::placed(...), $analysis->placing->placed),
            'offers' => array_map(static fn (CueOffer $offer): array => ['line' => $offer->line, 'text' => $offer->text, 'label' => $offer->label], $analysis->offers($plan)),
            'bestFront' => self::front($analysis->changes->bestFront, $piece->frontDegrees),
            'steps' => array_map(static fn (Step $step): array => get_object_vars($step), $analysis->steps($plan, $plan->terms)),
        ];
    }

    /** @return array<string, mixed> */
    private static function size(Size $size): array
    {
        return [
            'heightMm' => self::rounded($size->height),
            'widthMm' => self::rounded($size->width),
            'girthMm' => self::rounded($size->girth()),
            'volumeMl' => self::rounded($size->volume),
            'stuffingGrams' => self::rounded($size->stuffingGrams()),
            'lastReachRound' => $size->lastReach,
            'outline' => array_map(static fn (array $edge): array => ['radiusMm' => self::rounded($edge[0]), 'levelMm' => self::rounded($edge[1])], $size->outline),
        ];
    }

    /** @return array<string, mixed> */
    private static function change(Change $change, Words $words): array
    {
        return [
            'round' => $change->round,
            'stitch' => $change->stitch,
            'from' => $change->from,
            'to' => $change->to,
            'degrees' => self::rounded($change->degrees),
            'fromFront' => self::rounded($change->fromFront),
            'jog' => $change->isJog,
            'method' => $change->method->value,
            'methodLabel' => $change->method->label(),
            'chosen' => $change->chosen,
            'stepRounds' => $change->step,
            'shows' => $change->shows(),
            'oldYarn' => $change->fate->value,
            'backRound' => $change->backRound,
            'summary' => $words->summary($change),
            'toDo' => $words->toDo($change),
            'why' => $words->why($change),
        ];
    }

    /** @return array<string, mixed> */
    private static function placed(Placed $placed): array
    {
        return [
            'kind' => $placed->placement->kind->value,
            'round' => $placed->round,
            'degrees' => array_map(self::rounded(...), $placed->degrees),
            'after' => array_map(self::rounded(...), $placed->after),
            'apartMm' => null === $placed->apartMm ? null : self::rounded($placed->apartMm),
            'summary' => $placed->summary,
            'remarks' => $placed->remarks,
        ];
    }

    /** @return array<string, string> the colour, by the eyes that see it */
    private static function seen(string $hex): array
    {
        $seen = [];
        foreach (Sight::cases() as $sight) {
            $seen[$sight->value] = $sight->sees($hex);
        }

        return $seen;
    }

    /** @return array<string, mixed> */
    private static function front(Front $front, float $present): array
    {
        $is = round($front->degrees, 0);

        return [
            'degrees' => $is,
            'nearestStep' => $front->nearest,
            'better' => null !== $front->nearest && Turn::apart($is, $present) >= 1.0,
            'why' => match (true) {
                null === $front->nearest => 'No colour change makes a step, so any side can be the front.',
                Turn::apart($is, $present) < 1.0 => 'This is the best front: the nearest step is '.round($front->nearest).'° away.',
                default => "At {$is}° the nearest step is ".round($front->nearest).'° away, farther than from any other side.',
            },
        ];
    }

    /** @return array<string, mixed> */
    private static function amount(Amount $amount): array
    {
        $likely = $amount->metres();
        $atHand = $amount->yarn->onHandGrams;

        return [
            'key' => $amount->yarn->key,
            'hex' => Shade::shown($amount->yarn),
            'seen' => self::seen(Shade::shown($amount->yarn)),
            'stitches' => $amount->stitches,
            'basis' => $amount->basis->value,
            'basisInWords' => $amount->basisInWords(),
            'metres' => self::range($amount->lowMetres(), $likely, $amount->highMetres()),
            'grams' => self::range($amount->grams($amount->lowMetres()), $amount->grams($likely), $amount->grams($amount->highMetres())),
            'parts' => array_map(self::rounded(...), $amount->parts),
            'atHandGrams' => $atHand,
            'shareOfHand' => null === $atHand || 0.0 === $atHand ? null : self::rounded($amount->grams($likely) / $atHand),
            'enough' => $amount->isEnough(),
            'verdict' => $amount->verdict(),
        ];
    }

    /** @return array{low: float, likely: float, high: float} */
    private static function range(float $low, float $likely, float $high): array
    {
        return ['low' => self::rounded($low), 'likely' => self::rounded($likely), 'high' => self::rounded($high)];
    }

    /** To a ten-thousandth, which is finer than anything here is known. */
    private static function rounded(float $number): float
    {
        return round($number, 4);
    }
}
