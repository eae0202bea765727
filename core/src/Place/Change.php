<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

use Alternum\Core\Change\Sight;
use Alternum\Core\Change\Ways;
use Alternum\Core\Plan\Tail;
use Alternum\Core\Plan\Worked;

/** A change of the yarn in hand: its place, how it is treated, and what becomes of both yarns. */
final readonly class Change
{
    public function __construct(public ChangePlace $place, public ChangeTreatment $treatment, public ChangeYarns $yarns)
    {
    }

    /** Whether there is more to do than the stitches themselves say, wherever it is said. */
    public function needsWord(): bool
    {
        // How several yarns go on side by side is said in the first round in which they do.
        return HelixPart::GoesOn !== $this->yarns->helix && !$this->isInNotes();
    }

    /** Whether it is within a round, and all that it asks for is said of all such changes: the other yarn passes loosely behind a few stitches. */
    public function isInNotes(): bool
    {
        $isShort = OldYarn::Float === $this->yarns->old && !$this->yarns->passesBack && [] === $this->yarns->catches && null !== $this->yarns->takenFrom;

        return $this->place->isWithin() && $isShort && null === $this->yarns->helix;
    }

    /** Whether the words in a written round say all that there is to do: "change to B in last st, keep A". */
    public function isSaidInRound(Worked $worked): bool
    {
        return $this->place->isAtEnd && 0 === $this->treatment->onward && [] === $this->yarns->catches
            && Ways::of($this->treatment->method)->isSaidInRound($worked)
            && (OldYarn::Carry === $this->yarns->old || (OldYarn::Cut === $this->yarns->old && Tail::Weave === $this->yarns->oldTail))
            && (null !== $this->yarns->takenFrom || Tail::Weave === $this->yarns->newTail);
    }

    public function shows(): bool
    {
        return $this->place->isJog && Sight::shows($this->place->fromFront);
    }
}
