<?php

declare(strict_types=1);

namespace Alternum\Server\Saving;

use Alternum\Server\Entity\PlanState;

/** Somebody else saved the plan since the revision that operations are based on. */
final class Overtaken extends \RuntimeException
{
    /** @param int $base the revision that the operations are based on */
    public function __construct(public readonly PlanState $stored, private readonly int $base)
    {
        parent::__construct("The plan is at revision {$stored->revision}.");
    }

    /** @return list<string>|null the ids of the operations that were made since; null: they are no longer known */
    public function since(): ?array
    {
        // Each operation that is made is a revision; of one that was refused more is kept than that.
        $since = array_filter($this->stored->results, fn (int|array $kept): bool => \is_int($kept) && $kept > $this->base);

        return \count($since) === $this->stored->revision - $this->base ? array_map(strval(...), array_keys($since)) : null;
    }
}
