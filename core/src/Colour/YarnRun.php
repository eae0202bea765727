<?php

declare(strict_types=1);

namespace Alternum\Core\Colour;

/** Consecutive stitches of one yarn in a round. */
final readonly class YarnRun
{
    /** @param string $yarn its letter */
    public function __construct(public string $yarn, public int $stitches)
    {
    }
}
