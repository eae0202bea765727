<?php

declare(strict_types=1);

namespace Alternum\Server\Repository;

use Alternum\Server\Entity\SavedPlan;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
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

    /**
     * @return list<array{id: Ulid, title: string, revision: int, savedAt: \DateTimeImmutable, summary: array<string, mixed>}> without their bodies,
     *                                                                                                                         the last saved first
     */
    public function onShelf(Ulid $workshop): array
    {
        /** @var list<array{id: Ulid, title: string, revision: int, savedAt: \DateTimeImmutable, summary: array<string, mixed>}> $plans */
        $plans = $this->getEntityManager()->createQuery(
            'SELECT p.id, p.title, p.revision, p.savedAt, p.summary FROM '.SavedPlan::class
                .' p WHERE p.workshop = :workshop AND p.removedAt IS NULL ORDER BY p.savedAt DESC, p.id DESC',
        )
            ->setParameter('workshop', $workshop, 'ulid')->getResult();

        return $plans;
    }

    /** @return iterable<string> the plans on the shelf in the plan's format, one after the other */
    public function bodies(Ulid $workshop): iterable
    {
        foreach (array_reverse($this->onShelf($workshop)) as ['id' => $id]) {
            $body = $this->getEntityManager()->createQuery('SELECT p.body FROM '.SavedPlan::class.' p WHERE p.id = :id')->setParameter(
                'id',
                $id,
                'ulid',
            )->getSingleScalarResult();
            yield (string) $body;
        }
    }

    /**
     * A plan of the workshop, also one that was taken off the shelf.
     *
     * @throws NotFoundHttpException
     */
    public function get(Ulid $workshop, string $id): SavedPlan
    {
        $plan = Ulid::isValid($id) ? $this->find(Ulid::fromString($id)) : null;

        return null !== $plan && $plan->workshop()->id()->equals($workshop) ? $plan : throw new NotFoundHttpException();
    }
}
