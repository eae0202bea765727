<?php

declare(strict_types=1);

namespace Alternum\Server\Shelf;

use Alternum\Server\Entity\Invitation;
use Alternum\Server\Entity\Making;
use Alternum\Server\Entity\Member;
use Alternum\Server\Entity\SavedPlan;
use Alternum\Server\Entity\Workshop;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Ulid;

/** Finds and clears what nobody will miss: workshops in which nothing was ever done, and plans that were taken off their shelf long ago. */
final readonly class Tidying
{
    public function __construct(private EntityManagerInterface $entities, private DemoPlans $demo, private ClockInterface $clock)
    {
    }

    /** @return int how many plans were cleared, or would be */
    public function removedPlans(int $days, bool $isDry): int
    {
        $where = ' FROM '.SavedPlan::class.' p WHERE p.removedAt < :before';
        $before = $this->before($days);

        $count = (int) $this->entities->createQuery("SELECT COUNT(p.id){$where}")->setParameter('before', $before)->getSingleScalarResult();
        if (!$isDry && $count > 0) {
            $this->entities->createQuery("DELETE{$where}")->setParameter('before', $before)->execute();
        }

        return $count;
    }

    /** @return int how many workshops were cleared, or would be, with all that a new workshop has */
    public function unchangedWorkshops(int $days, bool $isDry): int
    {
        // No key was made, nobody has a part in it, every plan is as it was laid out, and nothing is being made of it; its yarn is looked at below.
        $workshops = $this->entities->createQuery('SELECT w FROM '.Workshop::class.' w WHERE w.begunAt < :before AND w.keyHash IS NULL
            AND (SELECT COUNT(b.role) FROM '.Member::class.' b WHERE b.workshop = w) = 0
            AND (SELECT COUNT(p.id) FROM '.SavedPlan::class.' p WHERE p.workshop = w AND p.state.revision = 1 AND p.removedAt IS NULL) = :plans
            AND (SELECT COUNT(q.id) FROM '.SavedPlan::class.' q WHERE q.workshop = w) = :plans
            AND (SELECT COUNT(m.id) FROM '.Making::class.' m WHERE m.workshop = w) = 0')
            ->setParameter('before', $this->before($days))->setParameter('plans', DemoPlans::COUNT)->toIterable();
        $unchanged = [];
        /** @var Workshop $workshop */
        foreach ($workshops as $workshop) {
            if ($this->demo->isYarnAsLaidOut($workshop)) {
                $unchanged[] = $workshop->id();
            }
        }
        if (!$isDry) {
            foreach (array_chunk($unchanged, 500) as $ids) {
                $this->entities->createQuery('DELETE FROM '.Workshop::class.' w WHERE w.id IN (:ids)')->setParameter(
                    'ids',
                    array_map(static fn (Ulid $id): string => $id->toBinary(), $ids),
                )->execute();
            }
        }

        return \count($unchanged);
    }

    /** @return int how many invitations are over, and were cleared, or would be */
    public function invitations(bool $isDry): int
    {
        $where = ' FROM '.Invitation::class.' i WHERE i.endsAt < :before';
        $count = (int) $this->entities->createQuery("SELECT COUNT(i.id){$where}")->setParameter('before', $this->before(0))->getSingleScalarResult();
        if (!$isDry && $count > 0) {
            $this->entities->createQuery("DELETE{$where}")->setParameter('before', $this->before(0))->execute();
        }

        return $count;
    }

    private function before(int $days): \DateTimeImmutable
    {
        return \DateTimeImmutable::createFromInterface($this->clock->now())->modify("-{$days} days");
    }
}
