<?php

declare(strict_types=1);

namespace Alternum\Core\Fabric;

/** One round as it lies in the fabric. */
final readonly class FabricRound
{
    /**
     * Up to so many times its height a round may grow and still lie flat: fabric gives, and the trade's flat circle grows
     * by six a round with stitches that are seldom quite square. From memory, to be judged by eye.
     */
    public const RUFFLES = 1.15;

    /**
     * @param int               $number  the round's, from 1
     * @param string            $tops    one byte for each top, see Stitch::code()
     * @param int               $makes   how many tops there are
     * @param float             $start   where the round would begin if no change were treated, in turns from round 1's beginning, not wrapped: the
     *                                   Frame says where it does
     * @param float             $radius  mm, were it a circle
     * @param float             $height  mm, of its stitches
     * @param float             $rise    mm above the round below
     * @param float             $level   mm above the beginning
     * @param bool              $ruffles it grows or shrinks by more than its stitches are high
     * @param array<int, float> $besides what stands out and leaves no top, in single crochets' worth of yarn, by the top that it comes before, from 0
     */
    public function __construct(
        public int $number,
        public string $tops,
        public int $makes,
        public float $start,
        public float $radius,
        public float $height,
        public float $rise,
        public float $level,
        public bool $ruffles,
        public array $besides = [],
    ) {
    }
}
