<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

use Alternum\Core\Plan\Place;

/** A thread as it usually is on a piece, before its maker changes it. */
final readonly class UsualThread
{
    /**
     * @param string $name         what its maker calls it; '': by its kind
     * @param bool   $goesWithEyes it is counted from them
     */
    public function __construct(public ThreadKind $kind, public Place $place, public string $name = '', public bool $goesWithEyes = false)
    {
    }
}
