<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** Some of what a piece's first round is worked into, in working order: stitches of a piece made before, or chains. */
final readonly class EdgeStretch
{
    /**
     * @param string|null $piece key; null for chains
     * @param int         $from  first stitch of that piece's edge, or first chain, from 1
     * @param int         $to    last one
     */
    public function __construct(public ?string $piece, public int $from, public int $to)
    {
    }

    public static function chains(int $count): self
    {
        return new self(null, 1, $count);
    }

    public function count(): int
    {
        return max(0, $this->to - $this->from + 1);
    }
}
