<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Search;

/** What a maker minds most about the changes of a piece. */
enum Minds: string
{
    case Ends = 'ends';
    case Yarn = 'yarn';
    case Front = 'front';

    /** What is minded counts above all; the rest decides among equals. */
    public function weights(): Weights
    {
        return match ($this) {
            self::Ends => new Weights(ends: 1000.0, metres: 1.0, shown: 10.0),
            self::Yarn => new Weights(ends: 1.0, metres: 1000.0, shown: 1.0),
            self::Front => new Weights(ends: 10.0, metres: 1.0, shown: 1000.0),
        };
    }
}
