<?php

declare(strict_types=1);

namespace Alternum\Core\Drawing;

/** One drawing of a series, with its sentence. */
final readonly class Drawing
{
    public function __construct(public string $says, public Sketch $sketch)
    {
    }
}
