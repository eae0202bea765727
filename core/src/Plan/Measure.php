<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** How much yarn one single crochet takes, as guessed or as measured on a number of stitches. */
final readonly class Measure
{
    /** @param float $amount centimetres when unravelled, grams when weighed, 0 as a guess */
    private function __construct(public Basis $basis, public int $stitches, public float $amount)
    {
    }

    public static function guess(): self
    {
        return new self(Basis::Guess, 0, 0.0);
    }

    public static function unravelled(int $stitches, float $cm): self
    {
        return new self(Basis::Unravelled, $stitches, $cm);
    }

    public static function weighed(int $stitches, float $grams): self
    {
        return new self(Basis::Weighed, $stitches, $grams);
    }
}
