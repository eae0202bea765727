<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Guide;

use Alternum\Core\Making\Step;

/** What is told before the stitch that it is about. */
final readonly class Told
{
    /** @param int $at stitches of the round that are made when it is done; 0: before its first */
    public function __construct(public Step $step, public int $at)
    {
    }
}
