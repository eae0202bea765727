<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Guide;

use Alternum\Core\Making\Segment;
use Alternum\Core\Making\WorkedRounds;
use Alternum\Core\Notation\Round;

/** A round as it is counted. */
final readonly class GuidedRound
{
    /**
     * @param Round         $round    as it is worked, with slip stitches of changes
     * @param WorkedRounds  $worked   the round alone
     * @param list<Segment> $segments its stretches in one yarn
     * @param list<int>     $ends     stitches of it that are made after each of them
     * @param int           $total    stitches made since the first of the rounds that are worked alike
     */
    public function __construct(public Round $round, public WorkedRounds $worked, public array $segments, public array $ends, public int $total)
    {
    }
}
