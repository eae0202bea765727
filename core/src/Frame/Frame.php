<?php

declare(strict_types=1);

namespace Alternum\Core\Frame;

use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Fabric\Turn;
use Alternum\Core\Plan\FirstRound;
use Alternum\Core\Plan\Hand;
use Alternum\Core\Plan\Marker;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Worked;

/**
 * Where anything is on one piece: where each of its rounds begins, once every change at a round's end is treated, and which way it is
 * seen. Whatever needs a place takes it.
 *
 * Rounds and stitches count from 1. A place in a round is told in stitches from its beginning: stitch 1 lies from 0 to 1.
 */
final readonly class Frame
{
    /**
     * @param list<float> $starts turns from round 1's beginning to each round's, not wrapped
     * @param list<int>   $counts stitches that each round makes
     */
    private function __construct(
        private array $starts,
        public array $counts,
        private Worked $worked,
        private float $frontDegrees,
        private FirstRound $firstRound,
        private Hand $hand,
    ) {
    }

    /** @param array<int, float> $moves turns that the marker moves on at the end of a round, by that round: each holds from the next round on */
    public static function of(Fabric $fabric, Piece $piece, Hand $hand, StandingEnd $end, array $moves): self
    {
        $starts = [];
        $moved = 0.0;
        foreach ($fabric->rounds as $i => $round) {
            $moved += $moves[$i] ?? 0.0;
            $starts[] = $round->start + $moved;
        }

        return new self(
            starts: $starts,
            counts: $fabric->counts(),
            worked: $piece->worked,
            frontDegrees: $piece->frontDegrees,
            firstRound: $end->firstRound,
            hand: $hand,
        );
    }

    public function rounds(): int
    {
        return \count($this->counts);
    }

    public function makes(int $round): int
    {
        return $this->counts[$round - 1];
    }

    /** @return float turns from round 1's beginning to this round's, not wrapped */
    public function start(int $round): float
    {
        return $this->starts[$round - 1];
    }

    /** @return float 0 up to, not including, 360: where the marker stands */
    public function markerDegrees(int $round, Marker $marker): float
    {
        return Turn::degrees($this->start($round) - (Marker::Last === $marker ? 1 / $this->makes($round) : 0.0));
    }

    /**
     * Degrees from round 1's beginning, 0 up to, not including, 360; of flat work from the edge at which the first row begins.
     *
     * @param float $along stitches from the round's beginning
     */
    public function degrees(int $round, float $along): float
    {
        $turn = $along / $this->makes($round);

        return Turn::degrees($this->isBack($round) ? 1.0 - $turn : $turn + $this->start($round));
    }

    /** @return float the shorter way from the front, 0 to 180 degrees */
    public function awayFromFront(float $degrees): float
    {
        return Turn::apart($degrees, $this->frontDegrees);
    }

    /** @return float degrees from the front, −180 up to 180, in the working direction */
    public function signedFromFront(float $degrees): float
    {
        $turns = ($degrees - $this->frontDegrees) / 360.0;

        return ($turns - floor($turns + 0.5)) * 360.0;
    }

    /** @return float turns in the working direction from a place to opposite the front, 0 up to, not including, 1 */
    public function turnsToBack(float $degrees): float
    {
        $turns = ($this->frontDegrees + 180.0 - $degrees) / 360.0;

        return $turns - floor($turns);
    }

    /**
     * Where a place is in a round, in stitches from its beginning. It may lie outside the round by whole turns.
     *
     * @param float $fromFront degrees, in the working direction; flat work is as wide as one turn
     */
    public function along(int $round, float $fromFront): float
    {
        $turn = ($this->frontDegrees + $fromFront) / 360.0;
        // Every other row is worked back: what lies on the left of it comes last.
        if (Worked::Rows === $this->worked) {
            return ($this->isBack($round) ? 1.0 - $turn : $turn) * $this->makes($round);
        }

        return ($turn - $this->start($round)) * $this->makes($round);
    }

    /** Whether a row runs against the first one's direction. */
    public function isBack(int $round): bool
    {
        return Worked::Rows === $this->worked && 0 === $round % 2;
    }

    public function isFlat(): bool
    {
        return Worked::Rows === $this->worked;
    }

    public function isJoined(): bool
    {
        return Worked::Joined === $this->worked;
    }

    public function beginsAtTop(): bool
    {
        return $this->firstRound->isAbove();
    }

    /** Whether the piece lies: degrees count from the middle of its back then. */
    public function lies(): bool
    {
        return $this->firstRound->lies();
    }

    /**
     * Whether a round's stitches run from the right to the left for one who looks at the outside of the piece as it stands. Right hands
     * work to the left while the new round is above the old one; turned over so that round 1 is the top, that runs to the right.
     */
    public function runsLeft(int $round): bool
    {
        return ((Hand::Left === $this->hand) === $this->firstRound->isAbove()) !== $this->isBack($round);
    }

    /** @return int the stitch that a place lies in, wrapped to the round */
    public function stitch(int $round, float $along): int
    {
        $makes = $this->makes($round);
        $stitch = (int) floor($along + 1e-9);

        return ($stitch % $makes + $makes) % $makes + 1;
    }

    /** @return float degrees from the front, −180 up to 180, where the middle of a stitch sits */
    public function fromFront(int $round, int $stitch): float
    {
        $turn = ($stitch - 0.5) / $this->makes($round);
        $turn = $this->isFlat() ? ($this->isBack($round) ? 1.0 - $turn : $turn) : $turn + $this->start($round);

        return $this->signedFromFront($turn * 360.0);
    }

    /** @return int the stitch as far from the front on its other side */
    public function opposite(int $round, int $stitch): int
    {
        return $this->stitch($round, $this->along($round, -$this->fromFront($round, $stitch)));
    }

    /**
     * The column in which so many cells begin for their middle to come nearest to a place. Columns are a round's stitches, from 1; of
     * flat work those of odd rows, and may lie beside the fabric.
     */
    public function column(int $round, float $fromFront, int $cells): int
    {
        $makes = $this->makes($round);
        $along = $this->isBack($round) ? $makes - $this->along($round, $fromFront) : $this->along($round, $fromFront);
        $first = (int) floor($along - $cells / 2 + 0.5 + 1e-9) + 1;

        return $this->isFlat() ? $first : (($first - 1) % $makes + $makes) % $makes + 1;
    }
}
