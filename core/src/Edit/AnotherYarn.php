<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\CueGrammar;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\PlacementKind;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\SoldSize;
use Alternum\Core\Plan\WeightCategory;
use Alternum\Core\Plan\Yarn;

/**
 * The same toy in a thicker or thinner yarn: colours, rounds and stitches stay; gauge, hook, what is bought, the size of eyes that words name, and
 * tails follow.
 *
 * A yarn that runs a quarter as far is taken to be twice as thick, and to make stitches twice as wide and as high: as of round strands of the same
 * fibre, in stitches that are as tight for their yarn as they were. From memory; a swatch tells.
 */
final readonly class AnotherYarn implements EditKind
{
    private const LEAST = 2.0;
    private const MOST = 100.0;

    /** @param float $metres in 100 g of the first yarn: by it, all others become thicker or thinner */
    public function __construct(private WeightCategory $weight, private float $metres)
    {
    }

    public static function words(): array
    {
        return ['another-yarn'];
    }

    public static function read(Fields $fields, string $word): self
    {
        $weight = $fields->oneOf('weight', WeightCategory::class);

        return new self($weight, $fields->has('metresPer100g') ? $fields->number('metresPer100g', 1, 5000) : $weight->usualMetres());
    }

    public function apply(Plan $plan): Plan
    {
        $was = $plan->yarns[0];
        $shorter = $was->metresPer100g / $this->metres;
        $times = sqrt($shorter);
        $yarns = array_map(function (Yarn $yarn) use ($was, $shorter, $times): Yarn {
            $metres = round(min(5000.0, max(1.0, $yarn->metresPer100g / $shorter)), 1);
            $weight = $yarn->weight === $was->weight ? $this->weight : WeightCategory::ofMetres($metres);

            return $yarn->inWeight($weight, $metres)->withGauge($yarn->gauge?->scaled($times));
        }, $plan->yarns);
        $gauges = [
            $plan->gauge->scaled($times), ...array_map(static fn (Yarn $yarn): ?Gauge => $yarn->gauge, $yarns),
            ...array_map(static fn (Piece $piece): ?Gauge => $piece->gauge?->scaled($times), $plan->pieces),
        ];
        foreach (array_filter($gauges) as $gauge) {
            if (min($gauge->stitchesPer10cm, $gauge->roundsPer10cm) < self::LEAST || max($gauge->stitchesPer10cm, $gauge->roundsPer10cm) > self::MOST) {
                throw EditRefused::because('anotherYarn.beyond', stitches: $gauge->stitchesPer10cm);
            }
        }

        return $plan->withGauge($plan->gauge->scaled($times))
            ->withYarns(Yarn::together($yarns))
            ->withYarnUse($plan->yarnUse->unmeasured($times))
            ->withPieces(array_map(static fn (Piece $piece): Piece => self::scaled($piece, $times), $plan->pieces));
    }

    private static function scaled(Piece $piece, float $times): Piece
    {
        $eye = static fn (float $mm): float => SoldSize::of(PlacementKind::Eyes, $mm * $times);

        return $piece->scaled($times)->withRounds(array_map(static fn (string $line): string => CueGrammar::withEyes($line, $eye), $piece->rounds));
    }

    public function inWords(): string
    {
        return "In {$this->weight->label()} yarn";
    }
}
