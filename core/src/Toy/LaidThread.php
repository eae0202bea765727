<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Place\Spot;
use Alternum\Core\Plan\Thread\Thread;

/** A thread as it lies on its piece. */
final readonly class LaidThread
{
    /**
     * @param list<array{array{float, float}, array{float, float}}> $strokes  on the outside, in working order: from and to, in rounds from the beginning and
     *                                                                        degrees around; degrees count on over a whole turn
     * @param float                                                 $seenMm   of thread on the outside, for one copy of the piece
     * @param float                                                 $insideMm that passes inside from one stroke to the next
     * @param float                                                 $endsMm   its two tails
     * @param FarSpot|null                                          $far      where it ends on another piece; null: it stays on its own
     * @param float                                                 $slackMm  what it takes more once the piece is stuffed, where it is laid before
     */
    public function __construct(
        public Thread $thread,
        public Spot $spot,
        public array $strokes,
        public float $seenMm,
        public float $insideMm,
        public float $endsMm,
        public float $slackMm,
        public ?FarSpot $far = null,
    ) {
    }

    /** @return float mm to cut for one copy of the piece */
    public function mm(): float
    {
        return $this->seenMm + $this->insideMm + $this->endsMm;
    }

    /** @return float whole cm, so that it is never cut too short */
    public function cutCm(): float
    {
        return ceil($this->mm() / 10.0);
    }

    /** The last round that it lies on, by which it is laid where the piece is to be open. */
    public function lastRound(): int
    {
        $levels = array_merge([(float) $this->spot->round], ...array_map(static fn (array $stroke): array => [$stroke[0][0], $stroke[1][0]], $this->strokes));

        return max(1, (int) ceil(max($levels)));
    }
}
