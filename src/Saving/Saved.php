<?php

declare(strict_types=1);

namespace Alternum\Server\Saving;

use Alternum\Core\Analysis;
use Alternum\Core\Plan\Plan;

/** A plan after operations were made on it. */
final readonly class Saved
{
    /** @param list<Result> $results one for each operation, in order */
    public function __construct(public StoredPlan $stored, public Plan $plan, public Analysis $analysis, public array $results)
    {
    }
}
