<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Notation\YarnWay;
use Alternum\Core\Plan\Method;

/** The place, between two stitches in working order, where the yarn in hand changes. */
final readonly class Change
{
    /**
     * @param int          $round      the round of the last stitch of the old yarn
     * @param int          $stitch     that stitch, counting those made
     * @param string       $from       yarn key
     * @param string       $to         yarn key
     * @param float        $degrees    where it is, 0 up to, not including, 360
     * @param bool         $isJog      it falls between the end of a round and the beginning of the next
     * @param bool         $chosen     the method is the maker's choice, not the program's
     * @param float        $step       what is left of the step, in rounds
     * @param float        $fromFront  degrees from the front, 0 to 180
     * @param Fate         $fate       what becomes of the old yarn
     * @param int|null     $backRound  the round in which the old yarn comes back; null: never
     * @param int|null     $backStitch the stitch with which it does
     * @param YarnWay|null $typed      what her own words say of it
     */
    public function __construct(
        public int $round,
        public int $stitch,
        public string $from,
        public string $to,
        public float $degrees,
        public bool $isJog,
        public Method $method,
        public bool $chosen,
        public float $step,
        public float $fromFront,
        public Fate $fate,
        public ?int $backRound,
        public ?int $backStitch,
        public ?YarnWay $typed = null,
    ) {
    }

    public function shows(): bool
    {
        return $this->isJog && $this->fromFront <= Changes::SHOWS_WITHIN;
    }
}
