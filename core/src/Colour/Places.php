<?php

declare(strict_types=1);

namespace Alternum\Core\Colour;

use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Worked;

/** Finds the stitch that sits at a place around the piece, told by degrees from its front. */
final readonly class Places
{
    /** @param list<float>|null $starts where each round begins, in turns, as a later stage has them; null: as it lies in the fabric */
    public function __construct(private Piece $piece, private Fabric $fabric, private ?array $starts = null)
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

        return ($turn - $this->start($round)) * $course->makes;
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
        $turn = $this->isBack($round) ? 1.0 - $turn : $turn + $this->start($round);
        $away = $turn - $this->piece->frontDegrees / 360.0;

        return ($away - floor($away + 0.5)) * 360.0;
    }

    /** @return int the stitch, from 1, in which a row of so many cells begins, for its middle to come nearest to a place */
    public function begin(int $round, float $fromFront, int $cells): int
    {
        $along = $this->along($round, $fromFront);
        if (!$this->isBack($round)) {
            return $this->stitch($round, $along - $cells / 2 + 0.5);
        }
        // A row that is worked back takes the same columns, counted from its other end.
        $makes = $this->makes($round);

        return $makes - $this->stitch($round, $makes - $along - $cells / 2 + 0.5) - $cells + 2;
    }

    /** @return float turns from round 1's beginning, not wrapped */
    public function start(int $round): float
    {
        return $this->starts[$round - 1] ?? $this->fabric->courses[$round - 1]->start;
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
