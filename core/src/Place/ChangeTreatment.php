<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

use Alternum\Core\Plan\Method;

/** How a change is made, and what is left of its step. */
final readonly class ChangeTreatment
{
    /**
     * @param bool       $isChosen  the method is the maker’s choice, not the program's
     * @param float      $step      what is left of the step, in rounds
     * @param float|null $line      degrees from the front of the change line that it lies on; null: at the marker
     * @param bool       $isStacked a stripe of one round lies above or below it
     * @param int        $onward    stitches that are worked on in the old yarn before the marker is moved up to there
     */
    public function __construct(
        public Method $method,
        public bool $isChosen,
        public float $step,
        public ?float $line,
        public bool $isStacked,
        public int $onward,
    ) {
    }
}
