<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** How a piece begins on others that were made before it. */
enum Join: string
{
    /** On the open edge of one piece. */
    case Opening = 'opening';
    /** On the open edges of several, joined by chains between them: two legs. */
    case Bridge = 'bridge';
    /** Around two that are worked together over some stitches: two domes of a heart. */
    case Seam = 'seam';
    /** Through both of two flat layers with the same number of stitches. */
    case Layers = 'layers';
}
