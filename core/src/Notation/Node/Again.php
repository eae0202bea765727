<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\Span;

/** A sentence for whole rounds: they are worked as others were, or plain, or go on growing or shrinking. */
final readonly class Again extends Node
{
    /**
     * @param int|null $from          first round that is worked again; null: the last one
     * @param int|null $to            last one
     * @param int|null $times         how often that is done more; null: as the head says, or once
     * @param int|null $untilRounds   until so many rounds are there
     * @param int|null $untilStitches until a round makes so many
     * @param bool     $open          it does not say how many rounds: "until it measures 5 cm"
     */
    public function __construct(
        public AgainKind $kind,
        Span $span,
        public ?int $from = null,
        public ?int $to = null,
        public ?int $times = null,
        public ?int $untilRounds = null,
        public ?int $untilStitches = null,
        public bool $open = false,
    ) {
        parent::__construct($span);
    }
}
