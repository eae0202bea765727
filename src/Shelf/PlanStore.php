<?php

declare(strict_types=1);

namespace Alternum\Server\Shelf;

use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Plan;
use Alternum\Server\Entity\PlanState;
use Alternum\Server\Entity\SavedPlan;
use Alternum\Server\Entity\Workshop;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;

/** Puts new plans on a shelf. */
final readonly class PlanStore
{
    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock)
    {
    }

    /**
     * A new plan on the workshop's shelf; the caller flushes.
     *
     * @param array<string, mixed> $summary what the shelf shows of it
     * @param string               $says    how it came there, in a few words
     *
     * @throws InvalidFields where the plan is larger than can be kept
     */
    public function begin(Workshop $workshop, Plan $plan, array $summary, string $says = 'Begun'): SavedPlan
    {
        $saved = new SavedPlan($workshop, new PlanState($plan->title, PlanWriter::compact($plan), $says, $this->clock->now()), $summary);
        $this->entities->persist($saved);

        return $saved;
    }
}
