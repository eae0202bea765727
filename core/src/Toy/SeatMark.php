<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

/** Something on a piece that a part should not lie over: eyes, a mouth, the middle of a face that is to stay plain. */
final readonly class SeatMark
{
    public function __construct(public string $name, public float $round, public float $degrees)
    {
    }
}
