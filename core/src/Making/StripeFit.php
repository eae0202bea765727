<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Plan\Layer\RoundRange;
use Alternum\Core\Plan\Layer\Stripe;

/** Heights of stripes that come out even on some rounds, and what speaks for them. */
final readonly class StripeFit
{
    /**
     * @param non-empty-list<Stripe> $sequence   as it repeats
     * @param int                    $stripes    that there are
     * @param bool                   $isWhole    the sequence comes a whole number of times
     * @param bool                   $isMirrored they look alike from the widest round upwards and downwards
     * @param bool                   $isCarried  low enough for the yarns to be carried up inside
     * @param list<string>           $inside     what is set on the piece and lies inside one of them, by its name
     * @param list<string>           $across     what lies on the edge of one
     * @param list<string>           $like       names of other pieces whose stripes are as high
     * @param int                    $shortened  rounds that were left out at the ends
     */
    public function __construct(
        public RoundRange $range,
        public array $sequence,
        public int $stripes,
        public bool $isWhole,
        public bool $isMirrored,
        public bool $isCarried,
        public array $inside,
        public array $across,
        public array $like,
        public int $shortened,
    ) {
    }

    /** The higher, the better: from memory of what makers look at first. */
    public function worth(): int
    {
        return 3 * (\count($this->inside) - \count($this->across)) + 2 * (int) $this->isMirrored + 2 * (int) ([] !== $this->like)
            + (int) $this->isWhole + (int) $this->isCarried - 2 * $this->shortened;
    }
}
