<?php

declare(strict_types=1);

namespace Alternum\Server\Shelf;

use Alternum\Core\Plan\Format\Json;
use Alternum\Server\Entity\YarnAtHand;
use Alternum\Server\Http\PlanResponse;
use Alternum\Server\Repository\YarnsAtHand;
use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Ulid;

/**
 * All of a workshop as one file: yarn, plans, and of each plan what it was and what is made of it. Written row by row, so that a large shelf takes no more
 * room than a small one. Plans stand where version 1 had them. At its end stands the SHA-256 of all that is before.
 */
final readonly class WorkshopFile
{
    public const FORMAT = 'alternum-workshop';
    public const VERSION = 2;

    public function __construct(private Connection $database, private YarnsAtHand $yarns, private ClockInterface $clock)
    {
    }

    /** @return iterable<string> its parts, in order */
    public function parts(Ulid $workshop): iterable
    {
        $sum = hash_init('sha256');
        // All of it as it is at one moment, whatever is saved or taken off the shelf meanwhile.
        $this->database->beginTransaction();
        try {
            foreach ($this->summed($workshop) as $part) {
                hash_update($sum, $part);
                yield $part;
            }
        } finally {
            $this->database->rollBack();
        }
        yield ',"sha256":"'.hash_final($sum)."\"}\n";
    }

    /** @return iterable<string> */
    private function summed(Ulid $workshop): iterable
    {
        $head = ['format' => self::FORMAT, 'version' => self::VERSION, 'writtenAt' => $this->clock->now()->format(\DateTimeInterface::RFC3339)];
        $atHand = array_map(static fn (YarnAtHand $yarn): array => array_diff_key($yarn->values(), ['id' => true]), $this->yarns->onShelf($workshop));
        yield substr(Json::encode($head + ['yarns' => $atHand]), 0, -1).',"plans":[';
        /** @var list<string> $plans ids; the one that was saved last stands last, and is on top once all are brought in */
        $plans = $this->database->fetchFirstColumn(
            'SELECT id FROM saved_plan WHERE workshop_id = ? AND removed_at IS NULL ORDER BY saved_at, id',
            [$workshop->toBinary()],
        );
        foreach ($plans as $i => $plan) {
            yield (0 === $i ? '' : ",\n").self::text($this->database->fetchOne('SELECT body FROM saved_plan WHERE id = ?', [$plan]));
        }
        yield '],"kept":[';
        foreach ($plans as $i => $plan) {
            yield 0 === $i ? '' : ",\n";
            yield from $this->kept($plan);
        }
        yield ']';
    }

    /** @return iterable<string> what there is of a plan besides what it is */
    private function kept(string $plan): iterable
    {
        $row = $this->database->fetchAssociative('SELECT revision, saved_at, says, archived_at FROM saved_plan WHERE id = ?', [$plan]);
        $row = false === $row ? [] : $row;
        yield substr(Json::encode([
            'revision' => self::whole($row['revision'] ?? 1),
            'savedAt' => self::time($row['saved_at'] ?? null),
            'says' => self::text($row['says'] ?? ''),
            'archived' => null !== ($row['archived_at'] ?? null),
        ]), 0, -1).',"versions":[';
        foreach ($this->database->fetchFirstColumn('SELECT number FROM plan_version WHERE plan_id = ? ORDER BY number', [$plan]) as $i => $number) {
            $version = $this->database->fetchAssociative('SELECT saved_at, says, body FROM plan_version WHERE plan_id = ? AND number = ?', [$plan, $number]);
            if (false === $version) {
                continue;
            }
            $head = ['number' => self::whole($number), 'savedAt' => self::time($version['saved_at']), 'says' => self::text($version['says'])];
            yield (0 === $i ? '' : ",\n").self::with($head, $version['body']);
        }
        yield '],"makings":[';
        $makings = $this->database->fetchAllAssociative('SELECT id, revision, begun_at FROM making WHERE plan_id = ? ORDER BY begun_at, id', [$plan]);
        foreach ($makings as $i => $making) {
            yield 0 === $i ? '' : ",\n";
            yield from $this->making($making);
        }
        yield ']}';
    }

    /**
     * @param array<string, mixed> $making
     *
     * @return iterable<string>
     */
    private function making(array $making): iterable
    {
        $id = $making['id'];
        $head = ['revision' => self::whole($making['revision']), 'begunAt' => self::time($making['begun_at'])];
        yield substr(self::with($head, $this->database->fetchOne('SELECT body FROM making WHERE id = ?', [$id])), 0, -1).',"later":[';
        foreach ($this->database->fetchFirstColumn('SELECT revision FROM making_plan WHERE making_id = ? ORDER BY revision', [$id]) as $i => $revision) {
            $body = $this->database->fetchOne('SELECT body FROM making_plan WHERE making_id = ? AND revision = ?', [$id, $revision]);
            yield (0 === $i ? '' : ",\n").self::with(['revision' => self::whole($revision)], $body);
        }
        yield '],"events":[';
        $comma = '';
        foreach ($this->database->iterateColumn('SELECT body FROM making_event WHERE making_id = ? ORDER BY number', [$id]) as $event) {
            yield $comma.self::text($event);
            $comma = ',';
        }
        yield ']}';
    }

    /** @param array<string, mixed> $head */
    private static function with(array $head, mixed $body): string
    {
        return substr(Json::encode($head), 0, -1).',"plan":'.self::text($body).'}';
    }

    private static function text(mixed $value): string
    {
        return \is_scalar($value) ? (string) $value : '';
    }

    private static function whole(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }

    private static function time(mixed $value): string
    {
        return PlanResponse::time(new \DateTimeImmutable(\is_string($value) ? $value : 'now'));
    }
}
