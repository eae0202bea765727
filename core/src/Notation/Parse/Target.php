<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

/** What stitches are said to go into. */
final readonly class Target
{
    /**
     * @param int|null $places   how many stitches it names; null: all
     * @param bool     $each     each of them takes what is said
     * @param bool     $chains   it names chains
     * @param bool     $stitches it names stitches
     * @param int      $twice    so many in each: "sc in each st twice" is not known, "sc twice in each" is
     */
    public function __construct(
        public TargetKind $kind,
        public ?int $places = 1,
        public bool $each = false,
        public bool $chains = false,
        public bool $stitches = false,
        public int $twice = 1,
    ) {
    }
}
