<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Colour\ColourVision;
use Alternum\Core\Colour\LabColour;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\HookSize;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Units;
use Alternum\Core\Plan\Yarn;
use Alternum\Core\Toy\Assembled;
use Alternum\Core\Toy\LaidJoint;
use Alternum\Core\Words\AmountWords;
use Alternum\Core\Words\GaugeWords;
use Alternum\Core\Words\SafetyWords;
use Alternum\Core\Yarn\Amount;
use Alternum\Core\Yarn\Amounts;
use Alternum\Core\Yarn\PieceLengths;

/** The analysis as values for JSON: contract/analysis.schema.json. */
final class AnalysisWriter
{
    /** Rounds of other pieces that an answer about one piece bears. */
    private const ROUNDS_BESIDE = 400;
    /** Problems that are told at once. */
    private const PROBLEMS = 100;

    public static function json(Analysis $analysis): string
    {
        return Json::encode(self::values($analysis), true)."\n";
    }

    /** @return array<string, mixed> all of it */
    public static function values(Analysis $analysis): array
    {
        $around = self::around($analysis->plan, $analysis->amounts, $analysis->assembled, $analysis->problems);
        $pieces = array_map(
            static fn (PieceAnalysis $piece, PieceLengths $lengths): array => PieceWriter::values($analysis->plan, $piece, $lengths),
            $analysis->pieces,
            $analysis->lengths,
        );

        return \array_slice($around, 0, 2) + ['pieces' => $pieces] + $around + ['constants' => Constants::values($analysis->plan)];
    }

    /**
     * Of the pieces those that an answer about one of them bears.
     *
     * @param list<int> $rounds that each has
     * @param int       $inHand its place in the plan, from 0
     *
     * @return list<int> their places
     */
    public static function told(array $rounds, int $inHand): array
    {
        $left = self::ROUNDS_BESIDE;
        $told = [];
        foreach ($rounds as $i => $count) {
            $takes = $i === $inHand ? 0 : max(1, $count);
            if ($takes <= $left) {
                $left -= $takes;
                $told[] = $i;
            }
        }

        return $told;
    }

    /**
     * @param list<Problem> $problems
     *
     * @return list<Problem> of a piece, and then of the others, as many as are told at once
     */
    public static function foremost(array $problems, string $key): array
    {
        if (\count($problems) <= self::PROBLEMS) {
            return $problems;
        }
        $own = array_filter($problems, static fn (Problem $problem): bool => $problem->piece === $key);

        return \array_slice([...$own, ...array_diff_key($problems, $own)], 0, self::PROBLEMS);
    }

    /**
     * All but the pieces and the constants.
     *
     * @param list<Problem> $problems
     *
     * @return array<string, mixed>
     */
    public static function around(Plan $plan, Amounts $amounts, Assembled $assembled, array $problems): array
    {
        return [
            'title' => $plan->title,
            'gauge' => self::gauge($plan->gauge, $plan->yarns[0]),
            'yarns' => array_map(static fn (Amount $amount): array => self::amount($amount, $plan->units), $amounts->amounts),
            'floatStitches' => $plan->floats,
            'cautions' => SafetyWords::cautions($plan),
            'assembly' => array_map(static fn (LaidJoint $laid): array => ToyWriter::joint($plan, $laid), $assembled->joints),
            'loose' => (object) $assembled->loose,
            'problems' => ReadingWriter::problems($problems),
        ];
    }

    /** @return array<string, mixed> of what is worked in a yarn */
    private static function gauge(Gauge $gauge, Yarn $yarn): array
    {
        return [
            'stitchWidthMm' => Rounded::of($gauge->stitchWidthMm()),
            'roundHeightMm' => Rounded::of($gauge->roundHeightMm()),
            'hookUs' => null === $gauge->hookMm ? null : HookSize::us($gauge->hookMm),
            'remark' => GaugeWords::ofYarn($gauge, $yarn),
        ];
    }

    /** @return array{key: string, hex: string, seen: array<string, string>} how a yarn looks with all its strands, and to which eyes */
    public static function shown(Yarn $yarn): array
    {
        $hex = LabColour::shown($yarn);
        $seen = [];
        foreach (ColourVision::cases() as $sight) {
            $seen[$sight->value] = $sight->sees($hex);
        }

        return ['key' => $yarn->key, 'hex' => $hex, 'seen' => $seen];
    }

    /** @return list<array{key: string, metres: float}> the likely length of each yarn of the plan, in its order */
    public static function metres(Amounts $amounts): array
    {
        return array_map(static fn (Amount $amount): array => ['key' => $amount->yarn->key, 'metres' => Rounded::of($amount->metres())], $amounts->amounts);
    }

    /** @return array<string, mixed> */
    private static function amount(Amount $amount, Units $units): array
    {
        $likely = $amount->metres();
        $atHand = $amount->yarn->onHandGrams;

        return [
            ...self::shown($amount->yarn),
            'stitches' => $amount->stitches,
            'basisInWords' => AmountWords::basis($amount),
            'metres' => self::range($amount->lowMetres(), $likely, $amount->highMetres()),
            'grams' => self::range($amount->grams($amount->lowMetres()), $amount->grams($likely), $amount->grams($amount->highMetres())),
            'parts' => array_map(Rounded::of(...), $amount->parts),
            'atHandGrams' => $atHand,
            'shareOfHand' => null === $atHand || 0.0 === $atHand ? null : Rounded::of($amount->grams($likely) / $atHand),
            'enough' => $amount->isEnough(),
            'upTo' => AmountWords::upTo($amount, $units),
            'verdict' => AmountWords::verdict($amount),
        ];
    }

    /** @return array{low: float, likely: float, high: float} */
    private static function range(float $low, float $likely, float $high): array
    {
        return ['low' => Rounded::of($low), 'likely' => Rounded::of($likely), 'high' => Rounded::of($high)];
    }
}
