<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/**
 * The stitches, under their US abbreviations.
 *
 * Where thousands are walked, a stitch is one byte of a string: its code().
 */
enum Stitch: string
{
    case SlipStitch = 'sl st';
    case Chain = 'ch';
    case Skip = 'sk';
    case Single = 'sc';
    case HalfDouble = 'hdc';
    case Double = 'dc';
    case Treble = 'tr';
    case Increase = 'inc';
    case Decrease = 'dec';
    case InvisibleDecrease = 'inv dec';
    case Bobble = 'bob';

    /** One byte, unlike every other stitch's. */
    public function code(): string
    {
        return match ($this) {
            self::SlipStitch => 'l',
            self::Chain => 'c',
            self::Skip => 'k',
            self::Single => 's',
            self::HalfDouble => 'h',
            self::Double => 'd',
            self::Treble => 't',
            self::Increase => 'i',
            self::Decrease => 'e',
            self::InvisibleDecrease => 'v',
            self::Bobble => 'b',
        };
    }

    /** @throws \UnhandledMatchError for a byte that is no stitch's code */
    public static function ofCode(string $code): self
    {
        return match ($code) {
            'l' => self::SlipStitch,
            'c' => self::Chain,
            'k' => self::Skip,
            's' => self::Single,
            'h' => self::HalfDouble,
            'd' => self::Double,
            't' => self::Treble,
            'i' => self::Increase,
            'e' => self::Decrease,
            'v' => self::InvisibleDecrease,
            'b' => self::Bobble,
        };
    }

    /** How many stitches of the round below it is worked into. */
    public function uses(): int
    {
        return match ($this) {
            self::Chain => 0,
            self::Decrease, self::InvisibleDecrease => 2,
            default => 1,
        };
    }

    /** How many tops it leaves for the next round. */
    public function makes(): int
    {
        return match ($this) {
            self::Skip => 0,
            self::Increase => 2,
            default => 1,
        };
    }

    /** Height against a single crochet; a skipped stitch has none. Source: the trade's usual figures, from memory. */
    public function height(): float
    {
        return match ($this) {
            self::SlipStitch => 0.35,
            self::Skip => 0.0,
            self::HalfDouble => 1.5,
            self::Double => 2.0,
            self::Treble => 3.0,
            default => 1.0,
        };
    }

    /** Yarn against a single crochet, all of its tops together. Source: from memory until measured. */
    public function yarnFactor(): float
    {
        return match ($this) {
            self::SlipStitch => 0.55,
            self::Chain => 0.5,
            self::Skip => 0.0,
            self::Single => 1.0,
            self::HalfDouble => 1.35,
            self::Double => 1.7,
            self::Treble => 2.2,
            self::Increase => 2.0,
            self::Decrease => 1.2,
            self::InvisibleDecrease => 1.05,
            self::Bobble => 4.0,
        };
    }

    /**
     * How many stitches of the round below a string of codes is worked into.
     *
     * @param string $codes one byte a stitch
     */
    public static function sumUses(string $codes): int
    {
        return self::sum($codes, static fn (self $stitch): int => $stitch->uses());
    }

    /**
     * How many tops a string of codes leaves.
     *
     * @param string $codes one byte a stitch
     */
    public static function sumMakes(string $codes): int
    {
        return self::sum($codes, static fn (self $stitch): int => $stitch->makes());
    }

    /** @param \Closure(self): int $each */
    private static function sum(string $codes, \Closure $each): int
    {
        $sum = 0;
        foreach (count_chars($codes, 1) as $byte => $times) {
            $sum += $each(self::ofCode(\chr($byte))) * $times;
        }

        return $sum;
    }
}
