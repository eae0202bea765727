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
    /** It is flat. */
    case Flat;
    /** It runs along the edge of another. */
    case Edging;
    /** It stands off the piece that it is worked on. */
    case StandsOff;
    /** It is a frill. */
    case Frill;
    /** Its name says that it is flat. */
    case Named;
    /** Its name says that it is put over something. */
    case Worn;
    /** It is a cup, as open as it is wide. */
    case Cup;
    /** It stays open, and what is in it would fall out. */
    case LeftOpen;
    /** It is pressed flat. */
    case Flattened;
    /** It is one of two layers that are worked together. */
    case Layer;
    /** It works two layers together. */
    case Between;
    /** It carries what stands on it. */
    case Bears;
    /** It hangs or stands off. */
    case Limb;
    /** It is too narrow for fingers. */
    case Narrow;
    /** It is too narrow for any stuffing. */
    case TooNarrow;
    /** It is stuffed through its opening. */
    case Open;
    /** As it is usually done. */
    case Usual;
}
