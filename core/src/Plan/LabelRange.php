<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** From which figure to which a yarn's label recommends. */
final readonly class LabelRange
{
    /** @param float|null $most null: no largest is said */
    public function __construct(public float $least, public ?float $most)
    {
    }
}
