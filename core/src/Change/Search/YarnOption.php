<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Search;

use Alternum\Core\Plan\OldYarnChoice;

/** What can become of a yarn from where it is left to where it comes back. */
final readonly class YarnOption
{
    /** @param int $ends to hide */
    public function __construct(public OldYarnChoice $choice, public int $ends, public float $mm)
    {
    }
}
