<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** What is set on a piece. */
enum PlacementKind: string
{
    case Eyes = 'eyes';
    case Nose = 'nose';
    case Ears = 'ears';
    case Arms = 'arms';
    case Legs = 'legs';
    case Wings = 'wings';
    case Tail = 'tail';
    case Buttons = 'buttons';
    case Beads = 'beads';
    case Felt = 'felt';
    case Ring = 'ring';
    case Loop = 'loop';
    case Clasp = 'clasp';
    case Other = 'other';

    /** Whether it has a washer on the inside, so that a hand must still get in. */
    public function hasWasher(): bool
    {
        return self::Eyes === $this || self::Nose === $this;
    }

    /** Whether it is sewn on over the fabric, and hides what lies under it. */
    public function covers(): bool
    {
        return !$this->hasWasher() && !\in_array($this, [self::Ring, self::Loop, self::Clasp, self::Beads], true);
    }

    /** Whether it is got ready, not made of yarn. */
    public function isBought(): bool
    {
        return \in_array($this, [self::Eyes, self::Nose, self::Buttons, self::Beads, self::Felt, self::Ring, self::Clasp], true);
    }
}
