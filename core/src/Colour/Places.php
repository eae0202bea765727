<?php

declare(strict_types=1);

namespace Alternum\Core\Colour;

use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Worked;

/** Finds the stitch that sits at a place around the piece, told by degrees from its front. */
final readonly class Places
{
    public function __construct(private Piece $piece, private Fabric $fabric)
    {
    }

    /**
     * Where a place is in a round, in stitches from its beginning: stitch 1 lies from 0 to 1. It may lie outside the round by whole turns.
     *
     * @param float $fromFront degrees, in the working direction; flat work is as wide as one turn
     */
    public function along(int $round, float $fromFront): float
    {
        $course = $this->fabric->courses[$round - 1];
        $turn = ($this->piece->frontDegrees + $fromFront) / 360.0;
        // Every other row is worked back: what lies on the left of it comes last.
        if (Worked::Rows === $this->piece->worked) {
            return (0 === $round % 2 ? 1.0 - $turn : $turn) * $course->makes;
        }

        return ($turn - $course->start) * $course->makes;
    }

    /** Whether a round runs against the first one's direction. */
    public function isBack(int $round): bool
    {
        return Worked::Rows === $this->piece->worked && 0 === $round % 2;
    }

    /** @return int the stitch that a place in stitches from the beginning lies in, from 1 */
    public function stitch(int $round, float $along): int
    {
        $makes = $this->fabric->courses[$round - 1]->makes;
        $stitch = (int) floor($along + 1e-9);

        return ($stitch % $makes + $makes) % $makes + 1;
    }

    /** @return float degrees from the front, −180 up to 180, where the middle of a stitch sits */
    public function fromFront(int $round, int $stitch): float
    {
        $course = $this->fabric->courses[$round - 1];
        $turn = ($stitch - 0.5) / $course->makes;
        $turn = $this->isBack($round) ? 1.0 - $turn : $turn + $course->start;
        $away = $turn - $this->piece->frontDegrees / 360.0;

        return ($away - floor($away + 0.5)) * 360.0;
    }

    public function makes(int $round): int
    {
        return $this->fabric->courses[$round - 1]->makes;
    }

    public function rounds(): int
    {
        return \count($this->fabric->courses);
    }
}
