<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

/** Where the yarn in hand changes: between two stitches in working order. */
final readonly class ChangePlace
{
    /**
     * @param int      $round      the round of the last stitch of the old yarn
     * @param int      $stitch     that stitch, counting those made
     * @param bool     $isAtEnd    it falls right between the end of a round or row and the beginning of the next
     * @param bool     $isJog      whole rounds meet there, and a step is seen: rows have none
     * @param bool     $isOfPlaces a jog that only layers at places make: its treatment may not move the marker that they are laid by
     * @param int      $treated    the round at whose end it is treated: its own, or the one before where the yarns change a little after it
     * @param float    $degrees    where it is, 0 up to, not including, 360
     * @param float    $fromFront  degrees from the front, 0 to 180
     * @param int|null $toBack     so many stitches on, a jog would lie opposite the front; null: it is at the back, or is none
     */
    public function __construct(
        public int $round,
        public int $stitch,
        public bool $isAtEnd,
        public bool $isJog,
        public bool $isOfPlaces,
        public int $treated,
        public float $degrees,
        public float $fromFront,
        public ?int $toBack,
    ) {
    }

    /** Whether it lies among a round's stitches, and no step is seen. */
    public function isWithin(): bool
    {
        return !$this->isAtEnd && !$this->isJog;
    }
}
