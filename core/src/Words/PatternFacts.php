<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

/** What a written pattern has to explain before its pieces, as something in it needs it. */
final readonly class PatternFacts
{
    /**
     * @param bool                        $isRound   something is worked in the round
     * @param bool                        $isSpiral  in a spiral
     * @param bool                        $isRows    in rows
     * @param bool                        $snugsRing a ring is drawn closed at once, as usual
     * @param bool                        $joinsRing the same, in joined rounds
     * @param bool                        $lifts     joined rounds are lifted by a chain that does not count
     * @param bool                        $changes   a yarn is changed at a round's end
     * @param bool                        $attaches  to one that is new
     * @param bool                        $keeps     the old one hangs inside
     * @param bool                        $cuts      or is cut
     * @param bool                        $floats    one passes behind stitches
     * @param array<string, list<string>> $methods   of change that are named in the rounds, by their label: how they are done
     */
    public function __construct(
        public bool $isRound,
        public bool $isSpiral,
        public bool $isRows,
        public bool $snugsRing,
        public bool $joinsRing,
        public bool $lifts,
        public bool $changes,
        public bool $attaches,
        public bool $keeps,
        public bool $cuts,
        public bool $floats,
        public array $methods,
    ) {
    }
}
