<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** One of several ways in which a line can be read, where it is asked which is meant. */
final readonly class AskedReading
{
    /** @param int $makes stitches that the round makes, read so */
    public function __construct(public string $notation, public int $makes)
    {
    }
}
