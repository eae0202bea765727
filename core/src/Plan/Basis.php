<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** What the length of yarn in one single crochet is taken from. A new one is a case here, and its word in the contract. */
enum Basis: string
{
    case Guess = 'guess';
    case Unravelled = 'unravelled';
    case Weighed = 'weighed';

    /** One single crochet takes so many stitch widths of yarn: from memory until measured. */
    public const WIDTHS = 8.0;

    /** How far a guess and a measured figure may be off, as a share: from memory until there is a record. */
    private const GUESS = 0.20;
    private const MEASURED = 0.06;

    /** @return array{string, float, float}|null what is measured on a number of stitches: its field, the least and the most; null: nothing */
    public function measured(): ?array
    {
        return match ($this) {
            self::Guess => null,
            self::Unravelled => ['cm', 0.1, 1_000_000.0],
            self::Weighed => ['grams', 0.01, 100_000.0],
        };
    }

    /**
     * Length in mm of one strand in one single crochet. A weighed swatch has all strands in it, so its length is shared out over them.
     *
     * @param float $amount what was measured on so many stitches
     */
    public function single(float $amount, int $stitches, Gauge $gauge, Yarn $yarn): float
    {
        return match ($this) {
            self::Guess => self::WIDTHS * $gauge->stitchWidthMm(),
            self::Unravelled => $amount * 10.0 / $stitches,
            self::Weighed => $amount / $stitches * $yarn->metresPer100g * 10.0 / $yarn->strands,
        };
    }

    /** How far the figures may be off, as a share. */
    public function offBy(): float
    {
        return self::Guess === $this ? self::GUESS : self::MEASURED;
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Guess => 'A guess from the gauge',
            self::Unravelled => 'From your unravelled swatch',
            self::Weighed => 'From your weighed swatch',
        };
    }
}
