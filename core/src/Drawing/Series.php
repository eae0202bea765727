<?php

declare(strict_types=1);

namespace Alternum\Core\Drawing;

/** How something is done, in a few drawings. */
final readonly class Series
{
    /** @param non-empty-list<Drawing> $frames */
    public function __construct(public string $title, public array $frames)
    {
    }
}
