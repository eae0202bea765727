<?php

declare(strict_types=1);

namespace Alternum\Server\Shelf;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Exchange\ShelfSummary;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Plan;
use Alternum\Server\Entity\PlanState;
use Alternum\Server\Entity\SavedPlan;
use Alternum\Server\Entity\Workshop;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Ulid;

/** Puts new plans on a shelf. */
final readonly class PlanStore
{
    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock, private Quota $quota)
    {
    }

    /**
     * One more plan in a workshop that is there already.
     *
     * @throws InvalidFields         where the workshop is full, or the plan is larger than can be kept
     * @throws NotFoundHttpException where there is no such workshop
     */
    public function another(Ulid $workshop, Plan $plan): SavedPlan
    {
        $this->quota->anotherPlan($workshop);
        $saved = $this->begin($this->entities->getReference(Workshop::class, $workshop) ?? throw new NotFoundHttpException(), $plan);
        $this->entities->flush();

        return $saved;
    }

    /**
     * A new plan on the workshop's shelf; the caller flushes.
     *
     * @throws InvalidFields where the plan is larger than can be kept
     */
    public function begin(Workshop $workshop, Plan $plan): SavedPlan
    {
        $state = new PlanState($plan->title, PlanWriter::compact($plan), 'Begun', $this->clock->now());
        $saved = new SavedPlan($workshop, $state, ShelfSummary::values(Analysis::of($plan)));
        $this->entities->persist($saved);

        return $saved;
    }
}
