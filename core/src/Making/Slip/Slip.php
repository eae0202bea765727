<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Slip;

/** A round has some stitches more or fewer than planned. */
final readonly class Slip
{
    /** @param Mending|null $mending how one goes on with it; null: the rounds after it bear no such change, and it is to be pulled out */
    public function __construct(public Diagnosis $diagnosis, public ?Mending $mending)
    {
    }
}
