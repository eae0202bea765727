<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Line;

/** The round that is typed next, before it is worked: where a line makes another number of stitches than it says, it tells which is meant. */
final readonly class Ahead
{
    /** @param list<Line> $lines its readings; none: there is no other */
    public function __construct(private array $lines)
    {
    }

    /** The count that a line says, where the next round lies on that, and not on what the line makes; null: it does not tell. */
    public function meant(Trial $trial, RoundBelow $ground): ?int
    {
        $said = ($trial->line->counts[0] ?? null)?->stitches;

        return null !== $said && $said !== $trial->makes && $this->lies($said, $ground) && !$this->lies($trial->makes, $ground) ? $said : null;
    }

    private function lies(int $stitches, RoundBelow $ground): bool
    {
        if ([] === $this->lines || $stitches < 1) {
            return false;
        }
        $next = new RoundBelow(
            number: $ground->number + 1, below: $stitches, on: $ground->on, worked: $ground->worked, chainCounts: $ground->chainCounts, joins: $ground->joins,
            letters: $ground->letters,
        );
        $best = Judge::of($this->lines, $next)[0];

        return $best->fits($next) && !$best->miscounts() && null === $best->odd;
    }
}
