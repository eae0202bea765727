<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** A yarn of a plan, known by its letter. */
final readonly class Yarn
{
    /**
     * @param string       $key         one capital letter
     * @param string       $hex         "#RRGGBB"
     * @param int          $strands     how many strands are held together
     * @param float|null   $onHandGrams null: not known
     * @param string|null  $withHex     of another strand that is held together with it
     * @param Measure|null $measure     where this yarn was measured itself; else the plan's measure holds
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $hex,
        public WeightCategory $weight,
        public float $metresPer100g,
        public int $strands = 1,
        public ?float $onHandGrams = null,
        public ?Measure $measure = null,
        public ?string $withHex = null,
    ) {
    }
}
