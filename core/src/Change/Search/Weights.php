<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Search;

use Alternum\Core\Plan\Format\Fields;

/** What an end to hide, a metre of yarn and a round of a step that shows count for against one another. */
final readonly class Weights
{
    public const MOST = 1000.0;

    public function __construct(public float $ends, public float $metres, public float $shown)
    {
    }

    /** Weights of the maker’s own: what each counts, from 0, nothing, to MOST. */
    public static function read(Fields $fields): self
    {
        return new self(
            ends: $fields->number('ends', 0, self::MOST),
            metres: $fields->number('metres', 0, self::MOST),
            shown: $fields->number('shown', 0, self::MOST),
        );
    }

    public function score(int $ends, float $mm, float $shown): float
    {
        return $this->ends * $ends + $this->metres * $mm / 1000.0 + $this->shown * $shown;
    }
}
