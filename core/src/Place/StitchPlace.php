<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

/** A stitch of a round, both counted from 1. */
final readonly class StitchPlace
{
    public function __construct(public int $round, public int $stitch)
    {
    }
}
