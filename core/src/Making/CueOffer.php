<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Plan\Assembly\Joint;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\PieceSetting;
use Alternum\Core\Plan\Placement;

/** Something that the typed words say and that the plan can hold: the eyes' place, a tail's length, how rounds are closed, how an edge is counted. */
final readonly class CueOffer
{
    /**
     * @param int               $line    the typed line, from 1
     * @param string            $text    the cue in the maker’s words
     * @param Message           $label   what taking it does
     * @param Placement|null    $placed  eyes and such
     * @param float|null        $tailCm  the tail to sew with
     * @param list<Joint>       $joints  which piece goes on which
     * @param PieceSetting|null $setting how its joined rounds are closed, or what its first round is worked into
     */
    public function __construct(
        public int $line,
        public string $text,
        public Message $label,
        public ?Placement $placed = null,
        public ?float $tailCm = null,
        public ?PieceSetting $setting = null,
        public array $joints = [],
    ) {
    }
}
