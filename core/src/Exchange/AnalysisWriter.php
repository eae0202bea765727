<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Change\Ways;
use Alternum\Core\Colour\ColourVision;
use Alternum\Core\Colour\LabColour;
use Alternum\Core\Colour\Shapes;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\HookSize;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Words\AmountWords;
use Alternum\Core\Words\GaugeWords;
use Alternum\Core\Words\SafetyWords;
use Alternum\Core\Words\TipWords;
use Alternum\Core\Yarn\Amount;

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
        return self::of($analysis, array_keys($analysis->pieces), $analysis->problems);
    }

    /**
     * What is looked at: a piece, and of the others as many as an answer bears; they are asked for one by one when they are looked at. So of
     * the problems: those of the piece come first.
     *
     * @param string|null $key the piece's; null, or of none: the first
     *
     * @return array<string, mixed>
     */
    public static function lookedAt(Analysis $analysis, ?string $key): array
    {
        $keys = array_column($analysis->plan->pieces, 'key');
        $at = (int) array_search($key, $keys, true);
        $left = self::ROUNDS_BESIDE;
        $told = [];
        foreach ($analysis->pieces as $i => $piece) {
            $rounds = $i === $at ? 0 : max(1, \count($piece->stages->reading->rounds));
            if ($rounds <= $left) {
                $left -= $rounds;
                $told[] = $i;
            }
        }

        return self::of($analysis, $told, self::problems($analysis, $keys[$at] ?? ''));
    }

    /** @return list<Problem> of a piece, and then of the others, as many as are told at once */
    public static function problems(Analysis $analysis, string $key): array
    {
        if (\count($analysis->problems) <= self::PROBLEMS) {
            return $analysis->problems;
        }
        $own = array_filter($analysis->problems, static fn (Problem $problem): bool => $problem->piece === $key);

        return \array_slice([...$own, ...array_diff_key($analysis->problems, $own)], 0, self::PROBLEMS);
    }

    /**
     * @param list<int>     $told     the pieces, by their place in the plan
     * @param list<Problem> $problems
     *
     * @return array<string, mixed>
     */
    private static function of(Analysis $analysis, array $told, array $problems): array
    {
        $plan = $analysis->plan;

        return [
            'title' => $plan->title,
            'gauge' => self::gauge($plan),
            'pieces' => array_map(static fn (int $i): array => PieceWriter::values($plan, $analysis->pieces[$i], $analysis->lengths[$i]), $told),
            'yarns' => array_map(self::amount(...), $analysis->amounts->amounts),
            'floatStitches' => $plan->floats,
            'usualLeans' => ['over' => Plan::USUAL_LEAN, 'under' => Plan::USUAL_LEAN_UNDER],
            'shapes' => Shapes::names(),
            'stitches' => self::stitches($plan),
            'methods' => array_map(
                static function (Method $method): array {
                    $edge = Ways::of($method)->edge();

                    return ['method' => $method->value, 'label' => Ways::of($method)->label(), 'edge' => ['before' => $edge->before, 'after' => $edge->after]];
                },
                Method::choices(),
            ),
            'habits' => TipWords::habits(),
            'cautions' => SafetyWords::cautions($plan->hasParts()),
            'problems' => ReadingWriter::problems($problems),
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
            'stitchWidthMm' => Rounded::of($plan->gauge->stitchWidthMm()),
            'roundHeightMm' => Rounded::of($plan->gauge->roundHeightMm()),
            'hookUs' => null === $plan->gauge->hookMm ? null : HookSize::us($plan->gauge->hookMm),
            'remark' => GaugeWords::remark($plan->gauge, $plan->yarns[0]->weight, $plan->yarns[0]->strands),
        ];
    }

    /** @return array<string, string> the colour, by the eyes that see it */
    private static function seen(string $hex): array
    {
        $seen = [];
        foreach (ColourVision::cases() as $sight) {
            $seen[$sight->value] = $sight->sees($hex);
        }

        return $seen;
    }

    /** @return array<string, mixed> */
    private static function amount(Amount $amount): array
    {
        $likely = $amount->metres();
        $atHand = $amount->yarn->onHandGrams;

        return [
            'key' => $amount->yarn->key,
            'hex' => LabColour::shown($amount->yarn),
            'seen' => self::seen(LabColour::shown($amount->yarn)),
            'stitches' => $amount->stitches,
            'basis' => $amount->basis->value,
            'basisInWords' => AmountWords::basis($amount),
            'metres' => self::range($amount->lowMetres(), $likely, $amount->highMetres()),
            'grams' => self::range($amount->grams($amount->lowMetres()), $amount->grams($likely), $amount->grams($amount->highMetres())),
            'parts' => array_map(Rounded::of(...), $amount->parts),
            'atHandGrams' => $atHand,
            'shareOfHand' => null === $atHand || 0.0 === $atHand ? null : Rounded::of($amount->grams($likely) / $atHand),
            'enough' => $amount->isEnough(),
            'verdict' => AmountWords::verdict($amount),
        ];
    }

    /** @return array{low: float, likely: float, high: float} */
    private static function range(float $low, float $likely, float $high): array
    {
        return ['low' => Rounded::of($low), 'likely' => Rounded::of($likely), 'high' => Rounded::of($high)];
    }
}
