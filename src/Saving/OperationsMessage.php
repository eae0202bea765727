<?php

declare(strict_types=1);

namespace Alternum\Server\Saving;

use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\Seen;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Message;

/**
 * Operations as they were sent: contract/openapi.yaml, Operations. An edit that cannot be read is kept as what is wrong with it, so that
 * the others are made.
 */
final readonly class OperationsMessage
{
    private const MOST = 100;
    private const ID = '/^[A-Za-z0-9-]{8,40}$/D';

    /**
     * @param int                           $base       the revision that the first is based on
     * @param non-empty-list<SentOperation> $operations
     */
    private function __construct(public int $base, private array $operations)
    {
    }

    /** @throws InvalidFields where it is no such message */
    public static function of(string $json): self
    {
        $fields = Fields::of(Json::decode($json, 'save', Json::MESSAGE_BYTES));
        $base = $fields->whole('base', 1, 1_000_000_000);
        $operations = $fields->objects('operations', 1, self::MOST, static function (Fields $one): SentOperation {
            $sent = new SentOperation(
                $one->text('id', 40, self::ID, Message::said('An id is 8 letters, digits and dashes at the least.', '')),
                $one->text('group', 40, self::ID, Message::said('A group is 8 letters, digits and dashes at the least.', '')),
                $one->raw('edit'),
                $one->has('seen') ? $one->raw('seen') : null,
            );
            $one->close();

            return $sent;
        });
        $fields->done();

        return [] === $operations ? throw new \LogicException('At least one is read.') : new self($base, $operations);
    }

    /** @return list<string> in order */
    public function ids(): array
    {
        return array_map(static fn (SentOperation $one): string => $one->id, $this->operations);
    }

    /** @throws InvalidFields|EditRefused where the edit makes no sense */
    public function operation(int $i): Operation
    {
        $one = $this->operations[$i];
        [$edit, $seen] = EarlierSeen::now($one->edit, $one->seen);

        return new Operation($one->id, $one->group, EditKinds::read($edit, "operations[{$i}].edit"), self::seen($seen, "operations[{$i}].seen"));
    }

    private static function seen(mixed $seen, string $path): ?Seen
    {
        if (null === $seen) {
            return null;
        }
        $fields = Fields::of($seen, $path);
        $read = Seen::read($fields);
        $fields->done();

        return $read;
    }
}
