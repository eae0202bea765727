<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Head;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Plan\Problem;

/** What was made of a piece's typed lines. */
final readonly class Reading
{
    /**
     * @param list<Round>                $rounds
     * @param list<Problem>              $problems
     * @param list<Line|null>            $lines    one for each typed line; null: no round, or not readable
     * @param list<array{int, int}|null> $spans    the first and last round of each typed line; null: it has none
     * @param list<Head|null>            $heads    of each typed line, readable or not; null: it has none
     * @param int                        $on       stitches of other pieces that the first round is worked into
     */
    public function __construct(public array $rounds, public array $problems, public array $lines, public array $spans, public array $heads, public int $on = 0)
    {
    }

    public function stitches(): int
    {
        return array_sum(array_map(static fn (Round $round): int => $round->makes, $this->rounds));
    }
}
