<?php

declare(strict_types=1);

namespace Alternum\Core\Form;

/** A round's edge on the piece, in mm: a circle, or two half circles and two straight parts between them. */
final readonly class RoundEdge
{
    /**
     * @param float $radius   of the half circles
     * @param float $straight of one straight part; 0: it is a circle
     */
    public function __construct(public float $radius, public float $level, public float $straight = 0.0)
    {
    }

    /** @return float mm */
    public function around(): float
    {
        return 2 * \M_PI * $this->radius + 2 * $this->straight;
    }
}
