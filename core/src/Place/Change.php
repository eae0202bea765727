<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

use Alternum\Core\Change\Sight;
use Alternum\Core\Change\Ways;
use Alternum\Core\Notation\YarnWay;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Tail;
use Alternum\Core\Plan\Worked;

/** The place, between two stitches in working order, where the yarn in hand changes. */
final readonly class Change
{
    /**
     * @param int            $round        the round of the last stitch of the old yarn
     * @param int            $stitch       that stitch, counting those made
     * @param string         $from         yarn key
     * @param string         $to           yarn key
     * @param bool           $isAtEnd      it falls right between the end of a round or row and the beginning of the next
     * @param bool           $isJog        whole rounds meet there, and a step is seen: rows have none
     * @param int            $treated      the round at whose end it is treated: its own, or the one before where the yarns change a little after it
     * @param bool           $isOfPlaces   a jog that only layers at places make: its treatment may not move the marker that they are laid by
     * @param float          $degrees      where it is, 0 up to, not including, 360
     * @param float          $fromFront    degrees from the front, 0 to 180
     * @param bool           $isChosen     the method is the maker's choice, not the program's
     * @param float          $step         what is left of the step, in rounds
     * @param float|null     $line         degrees from the front of the change line that it lies on; null: at the marker
     * @param OldYarn        $oldYarn      what becomes of the old yarn
     * @param int|null       $backRound    the round in which the old yarn comes back; null: never
     * @param int|null       $backStitch   the stitch with which it does
     * @param int|null       $waits        whole rounds of other yarns until then; null: never
     * @param int|null       $takenFrom    the round in which the new yarn was left hanging; null: it is joined anew
     * @param string         $hanging      letters of yarns that hang inside meanwhile, to be taken up later
     * @param list<int>      $catches      stitches of the round at which the old yarn, where it floats far, is caught behind
     * @param int            $passes       stitches that the old yarn passes behind, where it floats: the shorter way round
     * @param bool           $passesBack   it hangs at the round's end meanwhile, and is brought back across them when it is wanted
     * @param bool           $isStacked    a stripe of one round lies above or below it
     * @param bool           $isYarnChosen what becomes of the old yarn is the maker's choice
     * @param Tail           $oldTail      what becomes of the old yarn's end, where it is cut
     * @param Tail           $newTail      the same of the new yarn's, where it is joined anew
     * @param int            $onward       stitches that are worked on in the old yarn before the marker is moved up to there
     * @param int|null       $toBack       so many stitches on, a jog would lie opposite the front; null: it is at the back, or is none
     * @param YarnWay|null   $typed        what her own words say of it
     * @param HelixPart|null $helix        both yarns are worked side by side in one spiral, and it is there in it
     */
    public function __construct(
        public int $round,
        public int $stitch,
        public string $from,
        public string $to,
        public bool $isAtEnd,
        public bool $isJog,
        public int $treated,
        public bool $isOfPlaces,
        public float $degrees,
        public float $fromFront,
        public Method $method,
        public bool $isChosen,
        public float $step,
        public ?float $line,
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
        public bool $isYarnChosen = false,
        public Tail $oldTail = Tail::Weave,
        public Tail $newTail = Tail::Weave,
        public int $onward = 0,
        public ?int $toBack = null,
        public ?YarnWay $typed = null,
        public ?HelixPart $helix = null,
    ) {
    }

    /** Whether there is more to do than the stitches themselves say. */
    public function needsWord(): bool
    {
        // How several yarns go on side by side is said in the first round in which they do. Within a round the line itself says which yarn is
        // next; only a short float behind the stitches needs no word.
        return HelixPart::GoesOn !== $this->helix
            && ($this->isAtEnd || $this->isJog || OldYarn::Float !== $this->oldYarn || $this->passesBack || [] !== $this->catches);
    }

    /** Whether the words in a written round say all that there is to do: "change to B in last st, keep A". */
    public function isSaidInRound(Worked $worked): bool
    {
        return $this->isAtEnd && 0 === $this->onward && [] === $this->catches && Ways::of($this->method)->isSaidInRound($worked)
            && (OldYarn::Carry === $this->oldYarn || (OldYarn::Cut === $this->oldYarn && Tail::Weave === $this->oldTail))
            && (null !== $this->takenFrom || Tail::Weave === $this->newTail);
    }

    public function shows(): bool
    {
        return $this->isJog && Sight::shows($this->fromFront);
    }
}
