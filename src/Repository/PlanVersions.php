<?php

declare(strict_types=1);

namespace Alternum\Server\Repository;

use Alternum\Server\Entity\PlanVersion;
use Alternum\Server\Entity\SavedPlan;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Types\Types;
use Doctrine\Persistence\ManagerRegistry;

/**
 * What plans were. Old versions thin out: all of the last hour are kept, one an hour of the last day, one a day before that.
 *
 * @extends ServiceEntityRepository<PlanVersion>
 */
final class PlanVersions extends ServiceEntityRepository
{
    /** It is looked only so often whether some can go: a few more do no harm. */
    private const EVERY = 20;
    private const HOUR = 3600;
    private const DAY = 86400;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, PlanVersion::class);
    }

    /** Writes a version at once: see SavedPlans::write(). */
    public function keep(PlanVersion $version): void
    {
        $this->getEntityManager()->getConnection()->insert('plan_version', [
            'id' => $version->id(),
            'plan_id' => $version->plan()->id(),
            'number' => $version->number(),
            'body' => $version->body(),
            'says' => $version->says(),
            'saved_at' => $version->savedAt(),
        ], ['id' => 'ulid', 'plan_id' => 'ulid', 'saved_at' => Types::DATETIME_IMMUTABLE]);
    }

    public function newest(SavedPlan $plan): ?PlanVersion
    {
        return $this->findOneBy(['plan' => $plan], ['number' => 'DESC']);
    }

    public function numbered(SavedPlan $plan, int $number): ?PlanVersion
    {
        return $this->findOneBy(['plan' => $plan, 'number' => $number]);
    }

    /** @return list<array{number: int, savedAt: \DateTimeImmutable, says: string}> without their bodies, the newest first */
    public function listed(SavedPlan $plan): array
    {
        /** @var list<array{number: int, savedAt: \DateTimeImmutable, says: string}> $listed */
        $listed = $this->getEntityManager()->createQuery(
            'SELECT v.number, v.savedAt, v.says FROM '.PlanVersion::class.' v WHERE v.plan = :plan ORDER BY v.number DESC',
        )
            ->setParameter('plan', $plan->id(), 'ulid')->getResult();

        return $listed;
    }

    public function thinOut(SavedPlan $plan, \DateTimeImmutable $now): void
    {
        if (0 !== $plan->revision() % self::EVERY) {
            return;
        }
        $gone = self::tooMany($this->listed($plan), $now);
        if ([] !== $gone) {
            $this->getEntityManager()->createQuery('DELETE FROM '.PlanVersion::class.' v WHERE v.plan = :plan AND v.number IN (:gone)')
                ->setParameter('plan', $plan->id(), 'ulid')->setParameter('gone', $gone, ArrayParameterType::INTEGER)->execute();
        }
    }

    /**
     * @param list<array{number: int, savedAt: \DateTimeImmutable, says: string}> $listed the newest first
     *
     * @return list<int> the numbers of those that can go: of each hour, and of each day, the newest stays
     */
    public static function tooMany(array $listed, \DateTimeImmutable $now): array
    {
        $kept = $gone = [];
        foreach ($listed as $version) {
            $at = $version['savedAt']->getTimestamp();
            $age = $now->getTimestamp() - $at;
            $slot = match (true) {
                $age < self::HOUR => "all {$version['number']}",
                $age < self::DAY => 'hour '.intdiv($at, self::HOUR),
                default => 'day '.intdiv($at, self::DAY),
            };
            if (isset($kept[$slot])) {
                $gone[] = $version['number'];
            }
            $kept[$slot] = true;
        }

        return $gone;
    }
}
