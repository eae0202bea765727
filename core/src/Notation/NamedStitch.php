<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** A stitch as it is named in a text. */
final readonly class NamedStitch
{
    /** @param int $tokens how many of them name it */
    public function __construct(public Stitch $stitch, public int $tokens)
    {
    }

    public function isSame(?self $other): bool
    {
        return null !== $other && $this->stitch === $other->stitch && $this->tokens === $other->tokens;
    }
}
