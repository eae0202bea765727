<?php

declare(strict_types=1);

namespace Alternum\Server\Repository;

use Alternum\Core\Plan\Format\Json;
use Alternum\Server\Database\Retrying;
use Alternum\Server\Entity\PlanState;
use Alternum\Server\Entity\SavedPlan;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\Connection;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Ulid;

/**
 * The plans of workshops. Every look-up names the workshop: another one's plan is not found.
 *
 * @extends ServiceEntityRepository<SavedPlan>
 *
 * @phpstan-type OnShelf array{
 *     id: Ulid, title: string, revision: int, savedAt: \DateTimeImmutable, archived: int, summary: array<string, mixed>,
 * }
 */
final class SavedPlans extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry, private readonly Connection $database, private readonly Retrying $retrying)
    {
        parent::__construct($registry, SavedPlan::class);
    }

    /** @return list<OnShelf> without their bodies, the last saved first */
    public function onShelf(Ulid $workshop): array
    {
        /** @var list<OnShelf> $plans */
        $plans = $this->getEntityManager()->createQuery(
            'SELECT p.id, p.state.title AS title, p.state.revision AS revision, p.state.savedAt AS savedAt,'
                .' CASE WHEN p.archivedAt IS NULL THEN 0 ELSE 1 END AS archived, p.summary FROM '.SavedPlan::class
                .' p WHERE p.workshop = :workshop AND p.removedAt IS NULL ORDER BY p.state.savedAt DESC, p.id DESC',
        )
            ->setParameter('workshop', $workshop, 'ulid')->getResult();

        return $plans;
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

    /**
     * A plan on the workshop's shelf, read without the ORM: opening and saving need one row each.
     *
     * @throws NotFoundHttpException
     */
    public function state(Ulid $workshop, string $id): PlanState
    {
        $row = Ulid::isValid($id) ? $this->database->fetchNumeric(
            'SELECT revision, title, body, undo_group, says, results, saved_at, writes FROM saved_plan'
                .' WHERE id = ? AND workshop_id = ? AND removed_at IS NULL',
            [Ulid::fromString($id)->toBinary(), $workshop->toBinary()],
        ) : false;
        if (false === $row) {
            throw new NotFoundHttpException();
        }
        [$revision, $title, $body, $undoGroup, $says, $results, $savedAt, $writes] = $row;

        return new PlanState(
            revision: (int) self::text($revision),
            title: self::text($title),
            body: self::text($body),
            undoGroup: self::text($undoGroup),
            says: self::text($says),
            results: self::results(self::text($results)),
            savedAt: new \DateTimeImmutable(self::text($savedAt)),
            writes: (int) self::text($writes),
        );
    }

    /**
     * Writes what became of a plan, unless somebody else wrote it since it was read. What the row held is kept as a version wherever the undo
     * group changes: the table's trigger does that, so that a save is one statement.
     *
     * @param non-empty-list<PlanState> $states  what it was at the end of each undo group, the last one as it is now
     * @param array<string, mixed>|null $summary what the shelf shows of it; null: as it was
     *
     * @return bool false: it was written or removed meanwhile, and nothing is changed
     */
    public function write(Ulid $id, array $states, ?array $summary): bool
    {
        if (1 === \count($states)) {
            return $this->retrying->do(fn (): bool => $this->update($id, $states[0], $states[0]->writes, $summary));
        }

        return $this->retrying->do(fn (): bool => $this->database->transactional(function () use ($id, $states, $summary): bool {
            foreach ($states as $i => $state) {
                if (!$this->update($id, $state, $state->writes + $i, $summary)) {
                    return false;
                }
            }

            return true;
        }));
    }

    /** @param array<string, mixed>|null $summary */
    private function update(Ulid $id, PlanState $plan, int $writes, ?array $summary): bool
    {
        return 1 === (int) $this->database->executeStatement(
            'UPDATE saved_plan SET writes = writes + 1, results = ?, revision = ?, title = ?, body = ?, saved_at = ?, undo_group = ?, says = ?,'
                .' summary = COALESCE(?, summary) WHERE id = ? AND writes = ? AND removed_at IS NULL',
            [
                Json::encode($plan->results),
                $plan->revision,
                $plan->title,
                $plan->body,
                $plan->savedAt->format('Y-m-d H:i:s'),
                $plan->undoGroup,
                $plan->says,
                null === $summary ? null : Json::encode($summary),
                $id->toBinary(),
                $writes,
            ],
        );
    }

    private static function text(mixed $value): string
    {
        return \is_scalar($value) ? (string) $value : '';
    }

    /** @return array<string, int|array{int, array<string, mixed>}> */
    private static function results(string $json): array
    {
        /** @var array<string, int|array{int, array<string, mixed>}> $results as write() wrote them */
        $results = json_decode($json, true, 16, \JSON_THROW_ON_ERROR);

        return $results;
    }
}
