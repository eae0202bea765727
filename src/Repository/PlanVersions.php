<?php

declare(strict_types=1);

namespace Alternum\Server\Repository;

use Alternum\Server\Entity\PlanVersion;
use Alternum\Server\Saving\StoredPlan;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\ORM\Query;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Ulid;

/**
 * What plans were. Old versions thin out: all of the last hour are kept, one an hour of the last day, one a day before that.
 *
 * @extends ServiceEntityRepository<PlanVersion>
 */
final class PlanVersions extends ServiceEntityRepository
{
    /** It is looked only so often whether some can go: a few more do no harm. */
    private const EVERY = 50;
    private const HOUR = 3600;
    private const DAY = 86400;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, PlanVersion::class);
    }

    /** @return string|null what the plan's last undo group began from, in the plan's format */
    public function newestBody(Ulid $plan): ?string
    {
        return $this->body('SELECT v.body FROM '.PlanVersion::class.' v WHERE v.plan = :plan ORDER BY v.number DESC', ['plan' => $plan->toBinary()]);
    }

    public function numberedBody(Ulid $plan, int $number): ?string
    {
        return $this->body(
            'SELECT v.body FROM '.PlanVersion::class.' v WHERE v.plan = :plan AND v.number = :number',
            ['plan' => $plan->toBinary(), 'number' => $number],
        );
    }

    /** @return list<array{number: int, savedAt: \DateTimeImmutable, says: string}> without their bodies, the newest first */
    public function listed(Ulid $plan): array
    {
        /** @var list<array{number: int, savedAt: \DateTimeImmutable, says: string}> $listed */
        $listed = $this->getEntityManager()->createQuery(
            'SELECT v.number, v.savedAt, v.says FROM '.PlanVersion::class.' v WHERE v.plan = :plan ORDER BY v.number DESC',
        )
            ->setParameter('plan', $plan, 'ulid')->getResult();

        return $listed;
    }

    public function thinOut(StoredPlan $plan): void
    {
        if (0 !== $plan->revision % self::EVERY) {
            return;
        }
        $gone = self::tooMany($this->listed($plan->id), $plan->savedAt);
        if ([] !== $gone) {
            $this->getEntityManager()->createQuery('DELETE FROM '.PlanVersion::class.' v WHERE v.plan = :plan AND v.number IN (:gone)')
                ->setParameter('plan', $plan->id, 'ulid')->setParameter('gone', $gone, ArrayParameterType::INTEGER)->execute();
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

    /** @param array<string, string|int> $parameters */
    private function body(string $dql, array $parameters): ?string
    {
        $body = $this->getEntityManager()->createQuery($dql)->setParameters($parameters)->setMaxResults(1)->getOneOrNullResult(Query::HYDRATE_SINGLE_SCALAR);

        return \is_string($body) ? $body : null;
    }
}
