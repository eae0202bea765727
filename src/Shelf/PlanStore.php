<?php

declare(strict_types=1);

namespace Alternum\Server\Shelf;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Exchange\ShelfSummary;
use Alternum\Core\Plan\Format\Refusal;
use Alternum\Core\Plan\Plan;
use Alternum\Server\Entity\SavedPlan;
use Alternum\Server\Entity\Workshop;
use Alternum\Server\Repository\SavedPlans;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;

/** Puts plans into the database. */
final readonly class PlanStore
{
    public function __construct(private EntityManagerInterface $entities, private SavedPlans $plans, private ClockInterface $clock)
    {
    }

    /** A new plan on the workshop's shelf; the caller flushes. */
    public function begin(Workshop $workshop, Plan $plan, Analysis $analysis): SavedPlan
    {
        $saved = new SavedPlan($workshop, $this->clock->now());
        $this->entities->persist($saved);
        $this->save($saved, $plan, $analysis);

        return $saved;
    }

    /**
     * A new revision; the caller flushes.
     *
     * @throws Refusal where the plan is larger than can be kept
     */
    public function save(SavedPlan $saved, Plan $plan, Analysis $analysis): void
    {
        $revision = $saved->save($plan->title, PlanWriter::compact($plan), ShelfSummary::values($analysis), $this->clock->now());
        $this->entities->persist($revision);
        $this->plans->forgetOldRevisions($saved);
    }
}
