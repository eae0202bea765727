<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\Finish\Drawn;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Plan\Finish\PieceEnd;
use Alternum\Core\Plan\FirstRound;
use Alternum\Core\Plan\Tail;

/** What the maker’s words of one cue mean, whatever they are said after: CueGrammar finds it. Several may hold at once. */
final readonly class CueMeaning
{
    /**
     * @param bool            $tightensRing   the ring is drawn tight
     * @param bool            $ringWaits      but not before round 2
     * @param bool            $isOfStart      it is about the starting tail
     * @param Tail|null       $start          what becomes of that; null: they do not say
     * @param PieceEnd|null   $end            how the piece ends; null: they do not say
     * @param bool            $closesByHook   that end is crocheted shut, before the yarn is cut
     * @param SaidTail|null   $tail           how long an end is left
     * @param bool            $fastens        the yarn is cut
     * @param bool            $turnsOut       the piece is turned right side out
     * @param bool            $stuffs         they name stuffing
     * @param bool            $beginsStuffing and begin with it
     * @param Firmness|null   $firmness       how firmly
     * @param string          $clear          what is left empty, in the maker’s words; '' nothing
     * @param Drawn|null      $drawn          what the tail draws in
     * @param bool            $glues          something is glued
     * @param bool            $embroiders     something is embroidered
     * @param bool            $setsFromInside something is set that wants a hand inside, at this moment
     * @param SaidPlace|null  $place          where something is set
     * @param string|null     $eyesMm         how large the eyes are that they name, in mm as typed
     * @param bool            $namesEyes      safety eyes are named, which are to be at hand
     * @param bool            $weavesEnds     all ends are woven in
     * @param bool            $hidesTail      no tail is left to sew with
     * @param FirstRound|null $begins         which end the piece is begun at
     */
    public function __construct(
        public bool $tightensRing,
        public bool $ringWaits,
        public bool $isOfStart,
        public ?Tail $start,
        public ?PieceEnd $end,
        public bool $closesByHook,
        public ?SaidTail $tail,
        public bool $fastens,
        public bool $turnsOut,
        public bool $stuffs,
        public bool $beginsStuffing,
        public ?Firmness $firmness,
        public string $clear,
        public ?Drawn $drawn,
        public bool $glues,
        public bool $embroiders,
        public bool $setsFromInside,
        public ?SaidPlace $place,
        public ?string $eyesMm,
        public bool $namesEyes,
        public bool $weavesEnds,
        public bool $hidesTail,
        public ?FirstRound $begins,
    ) {
    }
}
