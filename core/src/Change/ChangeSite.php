<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\ChangeAt;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Worked;

/** A round's end at which the yarn changes, as a method finds it. */
final readonly class ChangeSite
{
    /**
     * @param int    $makes   stitches of the round
     * @param Stitch $next    the first of the next one
     * @param float  $degrees where the marker would stand, 0 up to, not including, 360
     * @param bool   $mayMove the marker may move there
     */
    public function __construct(
        public Piece $piece,
        public int $round,
        public int $makes,
        public Stitch $next,
        public float $degrees,
        public bool $mayMove,
    ) {
    }

    public function isJoined(): bool
    {
        return Worked::Joined === $this->piece->worked;
    }

    /** What the maker says of this one. */
    public function choice(): ChangeAt
    {
        return $this->piece->changes->at[$this->round] ?? new ChangeAt();
    }
}
