<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Guide;

use Alternum\Core\Making\Step;

/** What is passed at once while a piece is made: stitches of a round in one yarn, or a step. */
final readonly class Stop
{
    /**
     * @param int        $round the round in hand; of a step, the one that was worked last, or that it is done within
     * @param int        $from  stitches of it that are made before
     * @param int        $to    stitches of it that are made then
     * @param int|null   $group of the round's stretches in one yarn, from 0; null: nothing is worked
     * @param Step|null  $step  that is done; null: stitches are worked, or there is only something to know
     * @param list<Told> $told  what is to be known before it
     * @param int|null   $until of a step that waits: the last stop before which it can still be done; null: any
     */
    public function __construct(
        public int $round,
        public int $from,
        public int $to,
        public ?int $group,
        public ?Step $step,
        public array $told,
        public ?int $until = null,
    ) {
    }

    public function until(?int $stop): self
    {
        return new self(round: $this->round, from: $this->from, to: $this->to, group: $this->group, step: $this->step, told: $this->told, until: $stop);
    }
}
