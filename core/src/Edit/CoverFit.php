<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

/** How a cover sits on what it covers. Makers differ: both are common practice, no source. */
enum CoverFit: string
{
    /** A stitch larger in every round, from the first on: it is stretched over, and stays. */
    case Snug = 'snug';
    /** It slips off by itself: as much larger around as the fabric's thickness asks for. */
    case SlipsOff = 'slips-off';

    /** A fabric of tightly worked stitches is so thick, in widths of a stitch: from memory. It makes four to five stitches in any yarn. */
    private const THICK = 0.72;

    /** @return int stitches around by which it is larger than what it covers */
    public function extra(): int
    {
        return match ($this) {
            self::Snug => 1,
            // Its middle lies a fabric's thickness farther out: a circle around that is 2π times as much longer.
            self::SlipsOff => (int) round(2 * \M_PI * self::THICK),
        };
    }
}
