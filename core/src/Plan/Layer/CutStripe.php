<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

/** A stripe of which less is seen than it is meant to be high. */
final readonly class CutStripe
{
    /** @param int $height rounds that it is meant to be high */
    public function __construct(public RoundRange $seen, public string $yarn, public int $height)
    {
    }
}
