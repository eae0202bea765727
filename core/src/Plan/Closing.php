<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** Where the slip stitch goes that closes a joined round. */
enum Closing: string
{
    case FirstStitch = 'first-stitch';
    /** The back loop of the first stitch: the seam wanders less to the side and shows less. */
    case BackLoop = 'back-loop';

    /** For the written line. */
    public function inWords(): string
    {
        return self::FirstStitch === $this ? 'join with sl st in first st' : 'join with sl st in back loop of first st';
    }
}
