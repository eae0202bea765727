<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

use Alternum\Core\Notation\YarnWay;
use Alternum\Core\Plan\Tail;

/** What becomes of the old yarn at a change, and where the new one comes from. */
final readonly class ChangeYarns
{
    /**
     * @param string            $from       yarn key
     * @param string            $to         yarn key
     * @param OldYarn           $old        what becomes of the old yarn
     * @param int|null          $backRound  the round in which the old yarn comes back; null: never
     * @param int|null          $backStitch the stitch with which it does
     * @param int|null          $waits      whole rounds of other yarns until then; null: never
     * @param int|null          $takenFrom  the round in which the new yarn was left hanging; null: it is joined anew
     * @param string            $hanging    letters of yarns that hang inside meanwhile, to be taken up later
     * @param list<StitchPlace> $catches    where the old yarn, where it floats far, is caught behind
     * @param int               $passes     stitches that the old yarn passes behind, where it floats: the shorter way round
     * @param bool              $passesBack it hangs at the round's end meanwhile, and is brought back across them when it is wanted
     * @param int               $across     stitches sideways from where the old yarn hangs to where it is taken up again, where it is carried; against
     *                                      the working direction where negative
     * @param bool              $isChosen   what becomes of the old yarn is the maker’s choice
     * @param Tail              $oldTail    what becomes of the old yarn's end, where it is cut
     * @param Tail              $newTail    the same of the new yarn's, where it is joined anew
     * @param YarnWay|null      $typed      what the maker’s own words say of it
     * @param HelixPart|null    $helix      both yarns are worked side by side in one spiral, and it is there in it
     * @param int|null          $slips      where one of them begins or ends there: the top of its round, from 0, that is a slip stitch in place of a single
     *                                      crochet; null: none
     */
    public function __construct(
        public string $from,
        public string $to,
        public OldYarn $old,
        public ?int $backRound,
        public ?int $backStitch,
        public ?int $waits,
        public ?int $takenFrom,
        public string $hanging,
        public array $catches,
        public int $passes,
        public bool $passesBack,
        public int $across,
        public bool $isChosen,
        public Tail $oldTail,
        public Tail $newTail,
        public ?YarnWay $typed,
        public ?HelixPart $helix,
        public ?int $slips,
    ) {
    }
}
