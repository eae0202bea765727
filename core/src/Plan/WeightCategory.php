<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/**
 * The yarn industry's standard weight categories, 0 to 7, with the single crochet gauge and the hook that
 * the label recommends. Worsted and aran are both category 4.
 *
 * Source: the Craft Yarn Council's Standard Yarn Weight System, from memory. For lace (0) the standard counts
 * double crochet, so there is no range in single crochet.
 */
enum WeightCategory: string
{
    case Lace = 'lace';
    case Fingering = 'fingering';
    case Sport = 'sport';
    case Dk = 'dk';
    case Worsted = 'worsted';
    case Aran = 'aran';
    case Bulky = 'bulky';
    case SuperBulky = 'super-bulky';
    case Jumbo = 'jumbo';

    /** The category's number in the standard. */
    public function number(): int
    {
        return match ($this) {
            self::Lace => 0,
            self::Fingering => 1,
            self::Sport => 2,
            self::Dk => 3,
            self::Worsted, self::Aran => 4,
            self::Bulky => 5,
            self::SuperBulky => 6,
            self::Jumbo => 7,
        };
    }

    /** What yarn of this weight is called, in the US or in the UK. */
    public function label(Terms $terms = Terms::Us): string
    {
        if (Terms::Uk === $terms) {
            return match ($this) {
                self::Fingering => '4-ply',
                self::Sport => '5-ply',
                self::Worsted => 'aran',
                self::Bulky => 'chunky',
                self::SuperBulky => 'super chunky',
                default => $this->label(),
            };
        }

        return match ($this) {
            self::Lace => 'lace',
            self::Fingering => 'fingering',
            self::Sport => 'sport',
            self::Dk => 'DK',
            self::Worsted => 'worsted',
            self::Aran => 'aran',
            self::Bulky => 'bulky',
            self::SuperBulky => 'super bulky',
            self::Jumbo => 'jumbo',
        };
    }

    /**
     * What yarn of so many metres in 100 g works up like: strands held together have fewer metres between them.
     *
     * Source: common practice, no source; the metres that labels of each category say, from memory.
     */
    public static function ofMetres(float $metresPer100g): self
    {
        return match (true) {
            $metresPer100g >= 550.0 => self::Lace,
            $metresPer100g >= 350.0 => self::Fingering,
            $metresPer100g >= 280.0 => self::Sport,
            $metresPer100g >= 180.0 => self::Dk,
            $metresPer100g >= 125.0 => self::Worsted,
            $metresPer100g >= 80.0 => self::Bulky,
            $metresPer100g >= 45.0 => self::SuperBulky,
            default => self::Jumbo,
        };
    }

    /**
     * Metres in 100 g of a usual yarn of this weight.
     *
     * Source: common practice, no source; as labels say, from memory.
     */
    public function usualMetres(): float
    {
        return match ($this) {
            self::Lace => 800.0,
            self::Fingering => 400.0,
            self::Sport => 320.0,
            self::Dk => 240.0,
            self::Worsted => 175.0,
            self::Aran => 160.0,
            self::Bulky => 110.0,
            self::SuperBulky => 65.0,
            self::Jumbo => 30.0,
        };
    }

    /** The label's single crochet in 4 inches (10 cm). */
    public function labelStitches(): ?LabelRange
    {
        return match ($this->number()) {
            1 => new LabelRange(21, 32),
            2 => new LabelRange(16, 20),
            3 => new LabelRange(12, 17),
            4 => new LabelRange(11, 14),
            5 => new LabelRange(8, 11),
            6 => new LabelRange(7, 9),
            7 => new LabelRange(1, 6),
            default => null,
        };
    }

    /** The label's hook in mm. */
    public function labelHookMm(): LabelRange
    {
        return match ($this->number()) {
            0 => new LabelRange(1.4, 2.25),
            1 => new LabelRange(2.25, 3.5),
            2 => new LabelRange(3.5, 4.5),
            3 => new LabelRange(4.5, 5.5),
            4 => new LabelRange(5.5, 6.5),
            5 => new LabelRange(6.5, 9.0),
            6 => new LabelRange(9.0, 15.0),
            default => new LabelRange(15.0, null),
        };
    }
}
