<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

/** Where the shaping of one round stands against that of the last. */
enum Spread: string
{
    /** Above one another: easy to count, but corners show. */
    case Stacked = 'stacked';
    /** Moved on by half a repeat in every other shaping round: rounder. */
    case Staggered = 'staggered';
}
