<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

use Alternum\Core\Plan\Place;

/** A piece that a thread is to be put on, as far as a kind of thread asks where it usually goes. */
interface UsualSite
{
    /** Stitches between the eyes, or where they usually are. */
    public function eyesApart(): float;

    /** Stitches of the widest round. */
    public function widest(): int;

    /** The key of a piece that is joined to it; null: none is. */
    public function joinedTo(): ?string;

    /** Rounds that there are. */
    public function rounds(): int;

    /** Rounds that lie below such a share of the height: 0 at the foot, 1 at the top, as the piece stands. */
    public function below(float $height): int;

    /** At such a share of the height: 0 at the foot, 1 at the top, as the piece stands; of what lies, from its tail to its face. */
    public function at(float $height): Place;

    /** So many rounds below the eyes, or where they usually are; a pair so many stitches apart, null: it is one. */
    public function underEyes(int $rounds, ?float $apart = null): Place;
}
