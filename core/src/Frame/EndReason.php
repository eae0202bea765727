<?php

declare(strict_types=1);

namespace Alternum\Core\Frame;

/** What tells which end of a piece its round 1 is. */
enum EndReason
{
    case Said;
    /** By what is typed before its first round. */
    case Typed;
    case OnLegs;
    case IsLeg;
    case GoesOn;
    case EyesAboveNose;
    case EarsAboveEyes;
    case EarsHigh;
    case LegsLow;
    case LateEyes;
    /** Nothing tells: pieces are begun at their top as a rule. */
    case Usual;

    /** Whether the maker says so, and none needs to ask. */
    public function isKnown(): bool
    {
        return self::Said === $this || self::Typed === $this;
    }
}
