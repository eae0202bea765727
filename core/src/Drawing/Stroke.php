<?php

declare(strict_types=1);

namespace Alternum\Core\Drawing;

/** One line of a drawing. */
final readonly class Stroke
{
    /** @param string $path as an SVG path's d */
    public function __construct(public Ink $ink, public string $path)
    {
    }
}
