<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Search;

use Alternum\Core\Plan\Method;

/** A method that a change can be worked by. */
final readonly class MethodOption
{
    /**
     * @param float      $step  what is left of the step, in rounds
     * @param float      $mm    yarn that it takes beside the stitches and the ends
     * @param float      $turns by which the marker moves on
     * @param bool       $parts both yarns end there, and the next round begins where its place is said
     * @param float|null $place that place, in degrees; null: opposite the front
     */
    public function __construct(
        public Method $method,
        public float $step,
        public float $mm,
        public float $turns = 0.0,
        public bool $parts = false,
        public ?float $place = null,
    ) {
    }
}
