<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Form\Openings;
use Alternum\Core\Place\Spot;
use Alternum\Core\Plan\Assembly\Joint;

/** A part as it comes to lie on another piece, and what it takes to hold it there. */
final readonly class LaidJoint
{
    /**
     * @param float        $seamMm  of one copy's seam
     * @param float        $needsMm of thread for one copy, with what a hand needs; 0: none
     * @param Easing|null  $easing  where edges go together stitch by stitch
     * @param list<string> $over    names of what it lies over and should not
     * @param list<int>    $hides   rounds of the other at whose end a jog lies under it
     */
    public function __construct(
        public Joint $joint,
        public PieceAsPart $part,
        public PieceAsPart $onto,
        public Spot $spot,
        public float $seamMm,
        public float $needsMm,
        public ?Easing $easing,
        public array $hides,
        public array $over = [],
    ) {
    }

    /** @return string the yarn that it is held with; '' for none */
    public function yarn(): string
    {
        return 0.0 === $this->needsMm ? '' : $this->part->lastYarn;
    }

    /** @return float whole cm for one copy, so that it is never cut too short; 0: none */
    public function cutCm(): float
    {
        return ceil($this->needsMm / 10.0);
    }

    /** Whether fingers do not reach so far down from the other's open end. */
    public function isDeep(): bool
    {
        return (\count($this->onto->counts) - $this->spot->round) * $this->onto->roundMm > Openings::DEEP_MM;
    }

    /** Whether the tail that holds it is too short for its seam. */
    public function isTooShort(): bool
    {
        return !$this->joint->isWithNew && $this->needsMm > 0.0 && null !== $this->part->tailMm && $this->part->tailMm < $this->needsMm - 10.0;
    }
}
