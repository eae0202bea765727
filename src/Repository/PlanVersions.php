<?php

declare(strict_types=1);

namespace Alternum\Server\Repository;

use Alternum\Server\Entity\PlanState;
use Alternum\Server\Entity\PlanVersion;
use Alternum\Server\Saving\Thinning;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\Query;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Ulid;

/**
 * What plans were. Old versions thin out by age and by size: Saving\Thinning.
 *
 * @extends ServiceEntityRepository<PlanVersion>
 */
final class PlanVersions extends ServiceEntityRepository
{
    /** It is looked only so often whether some can go: a few more do no harm. */
    private const EVERY = 50;
    /** Bytes of old versions: of a plan, of all plans of a workshop, and of a plan however full its workshop is. */
    private const ROOM = 8_000_000;
    private const WORKSHOP_ROOM = 100_000_000;
    private const LEAST_ROOM = 1_000_000;

    public function __construct(ManagerRegistry $registry, private readonly Connection $database)
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

    /** Lets go of old versions, now and then. */
    public function thinOut(Ulid $id, PlanState $plan): void
    {
        if (0 !== $plan->revision % self::EVERY) {
            return;
        }
        // Of all plans of its workshop: what the others take is not there for this one.
        $others = self::whole($this->database->fetchOne(
            'SELECT COALESCE(SUM(LENGTH(v.body)), 0) FROM plan_version v JOIN saved_plan p ON p.id = v.plan_id'
                .' WHERE p.workshop_id = (SELECT workshop_id FROM saved_plan WHERE id = :plan) AND p.id <> :plan',
            ['plan' => $id->toBinary()],
        ));
        $listed = array_map(static fn (array $row): array => [
            'number' => self::whole($row[0]),
            'savedAt' => new \DateTimeImmutable(\is_string($row[1]) ? $row[1] : 'now'),
            'bytes' => self::whole($row[2]),
        ], $this->database->fetchAllNumeric(
            'SELECT number, saved_at, LENGTH(body) FROM plan_version WHERE plan_id = ? ORDER BY number DESC',
            [$id->toBinary()],
        ));
        $gone = Thinning::tooMany($listed, $plan->savedAt, max(self::LEAST_ROOM, min(self::ROOM, self::WORKSHOP_ROOM - $others)));
        if ([] !== $gone) {
            $this->getEntityManager()->createQuery('DELETE FROM '.PlanVersion::class.' v WHERE v.plan = :plan AND v.number IN (:gone)')
                ->setParameter('plan', $id, 'ulid')->setParameter('gone', $gone, ArrayParameterType::INTEGER)->execute();
        }
    }

    private static function whole(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }

    /** @param array<string, string|int> $parameters */
    private function body(string $dql, array $parameters): ?string
    {
        $body = $this->getEntityManager()->createQuery($dql)->setParameters($parameters)->setMaxResults(1)->getOneOrNullResult(Query::HYDRATE_SINGLE_SCALAR);

        return \is_string($body) ? $body : null;
    }
}
