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

    public function inTray(): TrayThing
    {
        return new TrayThing($this->value, match ($this) {
            self::Felt => 'Felt or a cut shape',
            self::Loop => 'Loop to hang it by',
            self::Other => 'Something else',
            default => ucfirst($this->value),
        }, match ($this) {
            self::Eyes, self::Nose => TrayGroup::Face,
            self::Buttons, self::Beads, self::Felt, self::Ring, self::Loop, self::Clasp => TrayGroup::Things,
            self::Ears, self::Arms, self::Legs, self::Wings, self::Tail, self::Other => TrayGroup::Marks,
        }, false);
    }

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
