<?php

declare(strict_types=1);

namespace Alternum\Server\Repository;

use Alternum\Server\Entity\PlanRevision;
use Alternum\Server\Entity\SavedPlan;
use Alternum\Server\Entity\Workshop;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\LockMode;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Ulid;

/**
 * The plans of workshops. Every look-up names the workshop: another one's plan is not found.
 *
 * @extends ServiceEntityRepository<SavedPlan>
 */
final class SavedPlans extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, SavedPlan::class);
    }

    /** @return list<SavedPlan> the last saved first */
    public function onShelf(Workshop $workshop): array
    {
        return $this->findBy(['workshop' => $workshop, 'removedAt' => null], ['savedAt' => 'DESC', 'id' => 'DESC']);
    }

    /** @param bool $forUpdate lock it until the transaction ends */
    public function ofWorkshop(Workshop $workshop, string $id, bool $forUpdate = false): ?SavedPlan
    {
        if (!Ulid::isValid($id)) {
            return null;
        }
        $plan = $this->find(Ulid::fromString($id), $forUpdate ? LockMode::PESSIMISTIC_WRITE : null);

        return null !== $plan && $plan->workshop()->id()->equals($workshop->id()) ? $plan : null;
    }

    /** Keeps the newest revisions; looks only now and then, as a few more do no harm. */
    public function forgetOldRevisions(SavedPlan $plan): void
    {
        if (0 === $plan->revision() % 10) {
            $this->getEntityManager()->createQuery('DELETE FROM '.PlanRevision::class.' r WHERE r.plan = :plan AND r.number <= :upTo')
                ->execute(['plan' => $plan->id()->toBinary(), 'upTo' => $plan->revision() - PlanRevision::KEPT]);
        }
    }
}
