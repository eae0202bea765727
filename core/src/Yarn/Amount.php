<?php

declare(strict_types=1);

namespace Alternum\Core\Yarn;

use Alternum\Core\Plan\Basis;
use Alternum\Core\Plan\Yarn;

/** How much of one yarn a plan takes, all copies together. */
final readonly class Amount
{
    /** @param array<string, float> $parts metres, by YarnPurpose's value, spare included */
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

    /** Whether the likely figure is on hand; null where it is not known what is. */
    public function isEnough(): ?bool
    {
        return null === $this->yarn->onHandGrams ? null : $this->yarn->onHandGrams >= $this->grams($this->metres());
    }

    /** How far the figures may be off, as a share. */
    public function offBy(): float
    {
        return $this->basis->offBy();
    }
}
