<?php

declare(strict_types=1);

namespace Alternum\Core\Yarn;

use Alternum\Core\Plan\Basis;
use Alternum\Core\Plan\Yarn;

/** How much of one yarn a plan takes, all copies together. */
final readonly class Amount
{
    /** How far a guess and a measured figure may be off, as a share: from memory until there is a record. */
    private const GUESS = 0.20;
    private const MEASURED = 0.06;

    /** @param array<string, float> $parts metres, by Part's value, spare included */
    public function __construct(public Yarn $yarn, public Basis $basis, public int $stitches, public array $parts)
    {
    }

    public function metres(): float
    {
        return array_sum($this->parts);
    }

    public function lowMetres(): float
    {
        return $this->metres() * (1 - $this->offBy());
    }

    public function highMetres(): float
    {
        return $this->metres() * (1 + $this->offBy());
    }

    public function grams(float $metres): float
    {
        return $metres * 100.0 / $this->yarn->metresPer100g;
    }

    /** Whether the likely figure is at hand; null where it is not known what is. */
    public function isEnough(): ?bool
    {
        return null === $this->yarn->onHandGrams ? null : $this->yarn->onHandGrams >= $this->grams($this->metres());
    }

    /** What the figures are taken from, and how far they may be off. */
    public function basisInWords(): string
    {
        return match ($this->basis) {
            Basis::Guess => 'A guess from the gauge',
            Basis::Unravelled => 'From your unravelled swatch',
            Basis::Weighed => 'From your weighed swatch',
        }.', '.round(100 * $this->offBy()).' % more or less';
    }

    /** In words: enough, tight or short, and by how much. */
    public function verdict(): string
    {
        $atHand = $this->yarn->onHandGrams;
        if (0 === $this->stitches) {
            return 'Not used in any piece.';
        }
        if (null === $atHand) {
            return 'Say how many grams are at hand, to see whether it is enough.';
        }
        $likely = $this->grams($this->metres());
        $high = $this->grams($this->highMetres());

        return match (true) {
            $atHand >= $high => 'Enough, even at the high figure.',
            $atHand >= $likely => 'Tight: enough at the likely figure, '.self::said($high - $atHand).' short at the high one. Weigh a swatch to be sure.',
            default => 'Short by '.self::said($likely - $atHand).' at the likely figure. Get more before you begin, or give some rounds another yarn.',
        };
    }

    private function offBy(): float
    {
        return Basis::Guess === $this->basis ? self::GUESS : self::MEASURED;
    }

    private static function said(float $grams): string
    {
        return ($grams < 10 ? number_format($grams, 1) : number_format($grams)).' g';
    }
}
