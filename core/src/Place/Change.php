<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

use Alternum\Core\Change\Treatments;
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
     * @param bool         $isAtEnd    it falls between the end of a round or row and the beginning of the next
     * @param bool         $isJog      it is at the end, and a step is seen there: rows have none
     * @param bool         $isOfPlaces a jog that only layers at places make: its treatment may not move the marker that they are laid by
     * @param float        $degrees    where it is, 0 up to, not including, 360
     * @param float        $fromFront  degrees from the front, 0 to 180
     * @param bool         $isChosen   the method is the maker's choice, not the program's
     * @param float        $step       what is left of the step, in rounds
     * @param OldYarn      $oldYarn    what becomes of the old yarn
     * @param int|null     $backRound  the round in which the old yarn comes back; null: never
     * @param int|null     $backStitch the stitch with which it does
     * @param int|null     $waits      whole rounds of other yarns until then; null: never
     * @param int|null     $takenFrom  the round in which the new yarn was left hanging; null: it is joined anew
     * @param string       $hanging    letters of yarns that hang inside meanwhile, to be taken up later
     * @param list<int>    $catches    stitches of the round at which the old yarn, where it floats far, is caught behind
     * @param int          $passes     stitches that the old yarn passes behind, where it floats: the shorter way round
     * @param bool         $passesBack it hangs at the round's end meanwhile, and is brought back across them when it is wanted
     * @param bool         $isStacked  a stripe of one round lies above or below it
     * @param YarnWay|null $typed      what her own words say of it
     */
    public function __construct(
        public int $round,
        public int $stitch,
        public string $from,
        public string $to,
        public bool $isAtEnd,
        public bool $isJog,
        public bool $isOfPlaces,
        public float $degrees,
        public float $fromFront,
        public Method $method,
        public bool $isChosen,
        public float $step,
        public OldYarn $oldYarn,
        public ?int $backRound,
        public ?int $backStitch,
        public ?int $waits,
        public ?int $takenFrom,
        public string $hanging,
        public array $catches,
        public int $passes,
        public bool $passesBack,
        public bool $isStacked,
        public ?YarnWay $typed = null,
    ) {
    }

    public function shows(): bool
    {
        return $this->isJog && $this->fromFront <= Treatments::SHOWS_WITHIN;
    }
}
