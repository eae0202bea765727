<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

/** What experience has to say of a piece's colours. */
enum TipKind
{
    /** Increases or decreases lie within a picture, and bend it. */
    case ShapedPicture;
    /** Lines of one stitch's or one round's width. */
    case ThinLine;
    /** A fade with more changes in a round than are fun to work. */
    case BusyFade;
    /** Stripes that end in the middle of one. */
    case CutStripe;
    /** Jogs on limbs of which several are made. */
    case PairedLimbs;
}
