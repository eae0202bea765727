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
     * @param bool $forUpdate lock it until the transaction ends
     *
     * @throws NotFoundHttpException
     */
    public function get(Ulid $workshop, string $id, bool $forUpdate = false): StoredPlan
    {
        $row = Ulid::isValid($id) ? $this->database->fetchNumeric(
            'SELECT revision, title, body, undo_group, says, results, saved_at FROM saved_plan WHERE id = ? AND workshop_id = ? AND removed_at IS NULL'
                .($forUpdate ? ' FOR UPDATE' : ''),
            [Ulid::fromString($id)->toBinary(), $workshop->toBinary()],
        ) : false;
        if (false === $row) {
            throw new NotFoundHttpException();
        }
        [$revision, $title, $body, $undoGroup, $says, $results, $savedAt] = $row;

        return new StoredPlan(
            id: Ulid::fromString($id),
            revision: (int) self::text($revision),
            title: self::text($title),
            body: self::text($body),
            undoGroup: self::text($undoGroup),
            says: self::text($says),
            results: self::results(self::text($results)),
            savedAt: new \DateTimeImmutable(self::text($savedAt)),
        );
    }

    /** @param array<string, mixed>|null $summary what the shelf shows of it; null: as it was */
    public function write(StoredPlan $plan, ?array $summary): void
    {
        $values = ['results' => Json::encode($plan->results)];
        if (null !== $summary) {
            $values += [
                'revision' => $plan->revision,
                'title' => $plan->title,
                'body' => $plan->body,
                'summary' => Json::encode($summary),
                'saved_at' => self::time($plan->savedAt),
                'undo_group' => $plan->undoGroup,
                'says' => $plan->says,
            ];
        }
        $this->database->update('saved_plan', $values, ['id' => $plan->id->toBinary()]);
    }

    /** Keeps what the row holds as one of the plan's versions. */
    public function keepStored(StoredPlan $plan): void
    {
        $this->database->executeStatement(
            'INSERT INTO plan_version (id, plan_id, number, body, says, saved_at) SELECT ?, id, revision, body, says, saved_at FROM saved_plan WHERE id = ?',
            [(new Ulid())->toBinary(), $plan->id->toBinary()],
        );
    }

    /** Keeps what a plan was, between two rows, as one of its versions. */
    public function keep(StoredPlan $was): void
    {
        $this->database->insert('plan_version', [
            'id' => (new Ulid())->toBinary(),
            'plan_id' => $was->id->toBinary(),
            'number' => $was->revision,
            'body' => $was->body,
            'says' => $was->says,
            'saved_at' => self::time($was->savedAt),
        ]);
    }

    private static function time(\DateTimeImmutable $at): string
    {
        return $at->format('Y-m-d H:i:s');
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
