<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

/** What is to be checked or done at a place, where no change, part or stuffing says it. */
enum Moment
{
    case LastIsIncrease;
    case LastIsDecrease;
    /** Both rounds are counted in one go. */
    case CountOn;
    case FingersNoLongerFit;
    /** The ring is drawn tight now, and not before. */
    case RingTight;
    /** Stitches are worked on before the marker is moved. */
    case MarkerMoves;
    /** Two flat pieces are stuffed through the gap that is still open between them. */
    case StuffBetween;
    /** The ends are woven in. */
    case WeaveIn;
    /** The tail draws the stuffed piece in. */
    case DrawIn;
}
