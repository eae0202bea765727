<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\RoundMoves;

/** Stitches and rounds of single crochet over 10 cm, the hook they were made with, and how far the fabric gives: of a plan, a yarn or a piece. */
final readonly class Gauge implements HasLengths
{
    /** Stitches, or rounds, in 10 cm that any yarn gives. */
    public const LEAST = 2.0;
    public const MOST = 100.0;
    /** Rounds to a stitch's width, where the rounds were not counted: single crochet is a little wider than high. From memory. */
    private const ROUNDS = 1.1;

    public float $roundsPer10cm;

    /**
     * @param float|null   $counted rounds over 10 cm; null: they were not counted
     * @param Stretch|null $stretch as a finished piece was measured; null: as is usual
     */
    public function __construct(
        public float $stitchesPer10cm,
        public ?float $counted,
        public ?float $hookMm = null,
        public ?Stretch $stretch = null,
    ) {
        $this->roundsPer10cm = $counted ?? round($stitchesPer10cm * self::ROUNDS, 1);
    }

    public function stitchWidthMm(): float
    {
        return 100.0 / $this->stitchesPer10cm;
    }

    public function roundHeightMm(): float
    {
        return 100.0 / $this->roundsPer10cm;
    }

    /** How many times as hard as is usual stuffing presses out the fabric: as it was measured in this gauge. */
    public function stretches(): float
    {
        return $this->isMeasured() ? $this->stretch->times ?? 1.0 : 1.0;
    }

    /** Whether a piece was measured in this gauge. */
    public function isMeasured(): bool
    {
        return null !== $this->stretch && abs($this->stretch->at - $this->stitchesPer10cm) < 0.01;
    }

    /** Whether a yarn gives it. */
    public function isPossible(): bool
    {
        return min($this->stitchesPer10cm, $this->roundsPer10cm) >= self::LEAST && max($this->stitchesPer10cm, $this->roundsPer10cm) <= self::MOST;
    }

    /** In yarn that makes stitches so many times as wide, with the hook that goes with it. How far that fabric gives was not measured. */
    public function scaled(float $times): self
    {
        return new self(
            round($this->stitchesPer10cm / $times, 1),
            null === $this->counted ? null : round($this->counted / $times, 1),
            null === $this->hookMm ? null : SoldSize::hook($this->hookMm * $times),
        );
    }

    public function withStretch(?Stretch $stretch): self
    {
        return new self($this->stitchesPer10cm, $this->counted, $this->hookMm, $stretch);
    }

    public static function field(): string
    {
        return 'gauge';
    }

    public static function in(Fields $piece): self
    {
        return self::read($piece->object(self::field()));
    }

    public function carried(RoundMoves $moves): self
    {
        return $this;
    }

    public static function read(Fields $fields): self
    {
        $gauge = new self(
            $fields->number('stitchesPer10cm', self::LEAST, self::MOST),
            $fields->has('roundsPer10cm') ? $fields->number('roundsPer10cm', self::LEAST, self::MOST) : null,
            $fields->has('hookMm') ? $fields->number('hookMm', 0.4, 30) : null,
            $fields->has('stretch') ? Stretch::read($fields->object('stretch')) : null,
        );
        $fields->close();

        return $gauge;
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        return ['stitchesPer10cm' => Number::plain($this->stitchesPer10cm)]
            + (null === $this->counted ? [] : ['roundsPer10cm' => Number::plain($this->counted)])
            + (null === $this->hookMm ? [] : ['hookMm' => Number::plain($this->hookMm)])
            + (null === $this->stretch ? [] : ['stretch' => $this->stretch->values()]);
    }
}
