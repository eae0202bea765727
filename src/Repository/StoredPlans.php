<?php

declare(strict_types=1);

namespace Alternum\Server\Repository;

use Alternum\Core\Plan\Format\Json;
use Alternum\Server\Saving\StoredPlan;
use Doctrine\DBAL\Connection;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Ulid;

/**
 * Plans as rows, read and written without the ORM: opening and saving are what is done most, and need one row each. Every look-up names the
 * workshop: another one's plan is not found. The columns are those of Entity\SavedPlan and Entity\PlanVersion.
 */
final readonly class StoredPlans
{
    public function __construct(private Connection $database)
    {
    }

    /**
     * A plan on the workshop's shelf.
     *
     * @throws NotFoundHttpException
     */
    public function get(Ulid $workshop, string $id): StoredPlan
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

        return new StoredPlan(
            id: Ulid::fromString($id),
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
     * @param non-empty-list<StoredPlan> $states  what it was at the end of each undo group, the last one as it is now
     * @param array<string, mixed>|null  $summary what the shelf shows of it; null: as it was
     *
     * @return bool false: it was written or removed meanwhile, and nothing is changed
     */
    public function write(array $states, ?array $summary): bool
    {
        if (1 === \count($states)) {
            return $this->update($states[0], $states[0]->writes, $summary);
        }

        return $this->database->transactional(function () use ($states, $summary): bool {
            foreach ($states as $i => $state) {
                if (!$this->update($state, $state->writes + $i, $summary)) {
                    return false;
                }
            }

            return true;
        });
    }

    /** @param array<string, mixed>|null $summary */
    private function update(StoredPlan $plan, int $writes, ?array $summary): bool
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
                $plan->id->toBinary(),
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
