<?php

declare(strict_types=1);

namespace Alternum\Server\Repository;

use Alternum\Core\Plan\Format\Json;
use Alternum\Server\Entity\SavedPlan;
use Alternum\Server\Entity\Workshop;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\LockMode;
use Doctrine\DBAL\Types\Types;
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
    public function onShelf(Workshop $workshop): array
    {
        /** @var list<array{id: Ulid, title: string, revision: int, savedAt: \DateTimeImmutable, summary: array<string, mixed>}> $plans */
        $plans = $this->getEntityManager()->createQuery(
            'SELECT p.id, p.title, p.revision, p.savedAt, p.summary FROM '.SavedPlan::class
                .' p WHERE p.workshop = :workshop AND p.removedAt IS NULL ORDER BY p.savedAt DESC, p.id DESC',
        )
            ->setParameter('workshop', $workshop->id(), 'ulid')->getResult();

        return $plans;
    }

    /** @return iterable<string> the plans on the shelf in the plan's format, one after the other */
    public function bodies(Workshop $workshop): iterable
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

    /** @param bool $forUpdate lock it until the transaction ends */
    public function ofWorkshop(Workshop $workshop, string $id, bool $forUpdate = false): ?SavedPlan
    {
        if (!Ulid::isValid($id)) {
            return null;
        }
        $plan = $this->find(Ulid::fromString($id), $forUpdate ? LockMode::PESSIMISTIC_WRITE : null);

        return null !== $plan && $plan->workshop()->id()->equals($workshop->id()) ? $plan : null;
    }

    /**
     * A plan on the workshop's shelf.
     *
     * @param bool $forUpdate lock it until the transaction ends
     *
     * @throws NotFoundHttpException
     */
    public function get(Workshop $workshop, string $id, bool $forUpdate = false): SavedPlan
    {
        $saved = $this->ofWorkshop($workshop, $id, $forUpdate);

        return null === $saved || $saved->isRemoved() ? throw new NotFoundHttpException() : $saved;
    }

    /** Writes what saving changes of a plan, at once and without looking for what else may have changed: saving is what is done most. */
    public function write(SavedPlan $plan): void
    {
        $this->getEntityManager()->getConnection()->update('saved_plan', [
            'revision' => $plan->revision(),
            'title' => $plan->title(),
            'body' => $plan->body(),
            'summary' => Json::encode($plan->summary()),
            'saved_at' => $plan->savedAt(),
            'undo_group' => $plan->undoGroup(),
            'says' => $plan->says(),
            'results' => Json::encode($plan->results()),
        ], ['id' => $plan->id()], ['saved_at' => Types::DATETIME_IMMUTABLE, 'id' => 'ulid']);
    }
}
