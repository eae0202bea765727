<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

/** What to work in one round, or in several alike. */
final readonly class Step
{
    /**
     * @param int          $from  first round
     * @param int          $to    last round
     * @param string       $text  the whole line: "R4-7: with B, Flag red: sc around (18)"
     * @param int          $makes stitches at the round's end
     * @param list<string> $yarns keys, in the order in which they are first used
     * @param list<string> $then  what to do at the changes in these rounds, in working order
     */
    public function __construct(
        public int $from,
        public int $to,
        public string $text,
        public int $makes,
        public array $yarns,
        public array $then,
    ) {
    }
}
