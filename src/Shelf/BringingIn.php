<?php

declare(strict_types=1);

namespace Alternum\Server\Shelf;

use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Message;
use Alternum\Server\Database\Retrying;
use Alternum\Server\Repository\SavedPlans;
use Doctrine\DBAL\Connection;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Ulid;

/** Puts what a workshop file kept of a plan back behind it, once the plan itself lies on the shelf and before anything is done on it. */
final readonly class BringingIn
{
    private const MOST_REVISION = 1_000_000_000;
    private const SAYS = 120;
    private const TIME = '/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(Z|[+-]\d\d:\d\d)$/D';
    /** Versions that one message brings; a plan has some hundreds at the most. */
    private const VERSIONS = 100;

    public function __construct(private Connection $database, private SavedPlans $plans, private Retrying $retrying)
    {
    }

    /**
     * @param string $id   of the plan
     * @param string $json contract/openapi.yaml, KeptPlan: several may come one after the other
     *
     * @throws NotFoundHttpException where the workshop has no such plan
     * @throws InvalidFields         where it is none, or something was done on the plan since it was laid there
     */
    public function kept(Ulid $workshop, string $id, string $json): void
    {
        $stored = $this->plans->state($workshop, $id);
        $fields = Fields::of(Json::decode($json, 'plan', Json::MESSAGE_BYTES));
        $revision = $fields->whole('revision', 1, self::MOST_REVISION);
        $savedAt = self::time($fields, 'savedAt');
        $says = $fields->text('says', self::SAYS);
        $isArchived = $fields->truth('archived');
        $versions = $fields->objects('versions', 0, self::VERSIONS, static function (Fields $one) use ($revision): array {
            $number = $one->whole('number', 1, max(1, $revision - 1));
            $version = [$number, self::plan($one->raw('plan'), $one->at('plan')), $one->text('says', self::SAYS), self::time($one, 'savedAt')];
            $one->close();

            return $version;
        });
        $fields->done();
        if ('' !== $stored->undoGroup || ($stored->revision > 1 && $stored->revision !== $revision)) {
            throw InvalidFields::because(
                'revision',
                Message::said('Something was done on this plan already.', 'Bring the file in once more: it lays a new plan.'),
            );
        }
        $plan = Ulid::fromString($id)->toBinary();
        $this->retrying->do(fn () => $this->database->transactional(function () use ($plan, $revision, $savedAt, $says, $isArchived, $versions): void {
            foreach ($versions as [$number, $body, $said, $at]) {
                $this->database->executeStatement(
                    'INSERT IGNORE INTO plan_version (plan_id, number, body, says, saved_at) VALUES (?, ?, ?, ?, ?)',
                    [$plan, $number, $body, $said, $at],
                );
            }
            $this->database->executeStatement(
                'UPDATE saved_plan SET revision = ?, saved_at = ?, says = ?, archived_at = ?, writes = writes + 1 WHERE id = ?',
                [$revision, $savedAt, $says, $isArchived ? $savedAt : null, $plan],
            );
        }));
    }

    /**
     * @param string $json contract/openapi.yaml, KeptMaking
     *
     * @return array{int, string, \DateTimeImmutable} the revision and the plan that it was begun with, and when
     *
     * @throws InvalidFields where it is none
     */
    public static function making(string $json): array
    {
        $fields = Fields::of(Json::decode($json, 'plan', Json::MESSAGE_BYTES));
        $read = [
            $fields->whole('revision', 1, self::MOST_REVISION),
            self::plan($fields->raw('plan'), 'plan'),
            new \DateTimeImmutable($fields->has('begunAt') ? self::time($fields, 'begunAt') : 'now'),
        ];
        $fields->done();

        return $read;
    }

    private static function plan(mixed $values, string $path): string
    {
        // What an earlier Alternum wrote may be over what is written today: it was so, and is kept so.
        return PlanWriter::compact(PlanReader::values($values, $path));
    }

    private static function time(Fields $fields, string $name): string
    {
        $text = $fields->text($name, 30, self::TIME);

        return 1 === preg_match(self::TIME, $text) ? (new \DateTimeImmutable($text))->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s') : '';
    }
}
