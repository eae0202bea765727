<?php

declare(strict_types=1);

namespace Alternum\Server\Saving;

use Alternum\Core\Exchange\PlanAnswer;
use Alternum\Server\Entity\PlanState;

/** A plan after operations were made on it. */
final readonly class Saved
{
    /** @param list<Result> $results one for each operation, in order */
    public function __construct(public PlanState $stored, public PlanAnswer $answer, public array $results)
    {
    }
}
