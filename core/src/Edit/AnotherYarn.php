<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\CueGrammar;
use Alternum\Core\Plan\Format\Fields;
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

        return new self($weight, $fields->has('metresPer100g') ? $fields->number('metresPer100g', Yarn::SHORTEST, Yarn::LONGEST) : $weight->usualMetres());
    }

    public function apply(Plan $plan): Plan
    {
        $was = $plan->yarns[0];
        $shorter = $was->metresPer100g / $this->metres;
        $times = sqrt($shorter);
        $yarns = array_map(function (Yarn $yarn) use ($was, $shorter, $times): Yarn {
            $metres = round($yarn->metresPer100g / $shorter, 1);
            if ($metres < Yarn::SHORTEST || $metres > Yarn::LONGEST) {
                throw EditRefused::because('anotherYarn.run', yarn: $yarn->key, metres: $metres);
            }
            $weight = $yarn->weight === $was->weight ? $this->weight : WeightCategory::ofMetres($metres);

            return $yarn->inWeight($weight, $metres)->withGauge($yarn->gauge?->scaled($times));
        }, $plan->yarns);
        $pieces = array_map(static fn (Piece $piece): Piece => self::scaled($piece, $times), $plan->pieces);
        $gauge = $plan->gauge->scaled($times);
        foreach ([$gauge, ...array_column($yarns, 'gauge'), ...array_column($pieces, 'gauge')] as $one) {
            if (false === $one?->isPossible()) {
                throw EditRefused::because('anotherYarn.gauge', stitches: $one->stitchesPer10cm, rounds: $one->roundsPer10cm);
            }
        }

        return $plan->withGauge($gauge)
            ->withYarns(Yarn::together($yarns))
            ->withYarnUse($plan->yarnUse->unmeasured($times))
            ->withPieces($pieces);
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
