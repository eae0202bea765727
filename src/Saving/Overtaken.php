<?php

declare(strict_types=1);

namespace Alternum\Server\Saving;

/** Somebody else saved the plan since the revision that operations are based on. */
final class Overtaken extends \RuntimeException
{
    public function __construct(public readonly StoredPlan $stored)
    {
        parent::__construct("The plan is at revision {$stored->revision}.");
    }
}
