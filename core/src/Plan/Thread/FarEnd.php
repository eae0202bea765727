<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

use Alternum\Core\Plan\Place;

/** Where a thread ends on another piece, which is joined to the one that it begins on. */
final readonly class FarEnd
{
    /**
     * @param string $piece its key
     * @param Place  $place on that piece, read and found as any other of its own
     */
    public function __construct(public string $piece, public Place $place)
    {
    }
}
