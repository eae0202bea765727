<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Guide;

use Alternum\Core\Making\Segment;
use Alternum\Core\Making\WorkedRounds;
use Alternum\Core\Notation\Round;

/** A round as it is counted. */
final readonly class GuidedRound
{
    /** So many rounds alike are a length, which may be made longer or shorter; one or two are none. Common practice, no source. */
    private const LENGTH = 3;

    /**
     * @param Round         $round    as it is worked, with slip stitches of changes
     * @param WorkedRounds  $worked   the round alone
     * @param list<Segment> $segments its stretches in one yarn
     * @param list<int>     $ends     stitches of it that are made after each of them
     * @param int           $first    of the rounds that are worked alike, this one among them
     * @param int           $last     of them
     */
    public function __construct(
        public Round $round,
        public WorkedRounds $worked,
        public array $segments,
        public array $ends,
        public int $first,
        public int $last,
    ) {
    }

    /** @return int stitches that are made since the first of the rounds that are worked alike: who counts on over them comes to it */
    public function total(): int
    {
        return $this->worked->makes * ($this->worked->from - $this->first + 1);
    }

    /** Whether it is one of several alike that are measured or held against another piece. */
    public function isLength(): bool
    {
        return $this->last - $this->first + 1 >= self::LENGTH;
    }
}
