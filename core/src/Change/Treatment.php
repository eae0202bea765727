<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Plan\Method;

/** How the change at a round's end is treated. */
final readonly class Treatment
{
    /**
     * @param bool       $isChosen  the method is the maker’s choice, not the program's
     * @param float      $degrees   where the marker stands there, or, with a standing start, is put; 0 up to, not including, 360
     * @param bool       $isStacked the yarn changes a round above or below it, too: slip stitches in one column pucker there
     * @param float|null $line      degrees from the front at which the yarns change instead; null: at the round's end, or by the method
     * @param bool       $holds     a second round of the new yarn holds a loop down that is pulled through
     */
    public function __construct(
        public Method $method,
        public bool $isChosen,
        public float $degrees,
        public bool $isStacked = false,
        public ?float $line = null,
        public bool $holds = false,
    ) {
    }

    /** Whether its place is said from the front, and turns with it. */
    public function followsFront(): bool
    {
        return null !== $this->line || Ways::of($this->method)->parts();
    }
}
