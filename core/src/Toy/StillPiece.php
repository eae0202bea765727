<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Plan\PlacementKind;

/** What is seen of a piece from outside. */
final readonly class StillPiece
{
    /**
     * @param list<array{PlacementKind, float, float, float|null}> $things  what is bought and set on it: rounds up, degrees, mm across
     * @param list<LaidThread>                                     $threads
     */
    public function __construct(
        public Solid $solid,
        public Frame $frame,
        public Colouring $colouring,
        public array $things,
        public array $threads,
    ) {
    }
}
