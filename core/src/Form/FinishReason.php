<?php

declare(strict_types=1);

namespace Alternum\Core\Form;

/** Why a piece begins or ends in some way. */
enum FinishReason
{
    /** The maker chose it. */
    case Chosen;
    /** The maker’s own words say it. */
    case Typed;
    /** So few stitches are drawn closed. */
    case Closes;
    /** Another piece is worked on from it. */
    case GoesOn;
    /** It stays open, and the plan has others that it is sewn to. */
    case SewnOn;
    /** It is alone, and stays open. */
    case Alone;
    /** It is worked in rows. */
    case Flat;
    /** It is too narrow for fingers. */
    case Narrow;
    /** It is stuffed through its opening. */
    case Open;
    /** As it is usually done. */
    case Usual;
}
