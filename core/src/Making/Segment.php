<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

/** Stitches of a round that are worked in one yarn, or one increase that is worked in several. */
final readonly class Segment
{
    /**
     * @param string $yarns    its letter; of an increase in several yarns one for each top, in working order
     * @param int    $from     the first stitch worked, from 0
     * @param int    $stitches how many are worked
     */
    public function __construct(public string $yarns, public int $from, public int $stitches)
    {
    }
}
