<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Fabric\Fabric;
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

    /** The end of a round as it lies in a piece's fabric. */
    public static function in(Piece $piece, Fabric $fabric, int $round, float $degrees, bool $mayMove): self
    {
        return new self(
            piece: $piece,
            round: $round,
            makes: $fabric->rounds[$round - 1]->makes,
            next: Stitch::ofCode($fabric->rounds[$round]->tops[0]),
            degrees: $degrees,
            mayMove: $mayMove,
        );
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
