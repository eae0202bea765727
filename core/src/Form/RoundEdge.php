<?php

declare(strict_types=1);

namespace Alternum\Core\Form;

/** A round's upper edge on the stuffed piece, in mm. */
final readonly class RoundEdge
{
    public function __construct(public float $radius, public float $level)
    {
    }
}
