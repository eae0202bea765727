<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\StepAddress;
use Alternum\Core\Toy\LaidThread;

/** What is laid from one piece to another, once the two are joined. */
final readonly class LayThreadOver extends LayThread
{
    public static function of(string $piece, int $last, LaidThread $laid): self
    {
        return new self(StepAddress::after($piece, $last), $laid);
    }
}
