<?php

declare(strict_types=1);

namespace Alternum\Server\Repository;

use Alternum\Core\Making\Journal\Event;
use Alternum\Core\Making\Journal\Journal;
use Alternum\Core\Making\Journal\JournalSummary;
use Alternum\Core\Notation\Remembered;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Message;
use Alternum\Server\Database\Retrying;
use Alternum\Server\Entity\Making;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\Persistence\ManagerRegistry;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Ulid;

/**
 * What workshops are making, with their journals. Every look-up names the workshop.
 *
 * @extends ServiceEntityRepository<Making>
 *
 * @phpstan-type ListedMaking array{id: Ulid, plan: Ulid, title: string, begunAt: \DateTimeImmutable, touchedAt: \DateTimeImmutable, events: int,
 *   counts: array<string, list<int>>}
 */
final class Makings extends ServiceEntityRepository
{
    /** Events of a journal: a toy of 60,000 stitches, counted one by one, would take more; nobody does that by hand. */
    private const MOST = 50_000;

    public function __construct(
        ManagerRegistry $registry,
        private readonly Connection $database,
        private readonly ClockInterface $clock,
        private readonly Retrying $retrying,
    ) {
        parent::__construct($registry, Making::class);
    }

    /** @throws NotFoundHttpException */
    public function get(Ulid $workshop, string $id): Making
    {
        $making = Ulid::isValid($id) ? $this->find(Ulid::fromString($id)) : null;

        return null !== $making && $making->workshop->id()->equals($workshop) ? $making : throw new NotFoundHttpException();
    }

    /**
     * Without the plans that they are made from: it is asked often.
     *
     * @param Ulid|null $plan null: of any plan on the shelf
     *
     * @return list<ListedMaking> the last touched first
     */
    public function of(Ulid $workshop, ?Ulid $plan): array
    {
        $query = $this->createQueryBuilder('m')->join('m.plan', 'p')
            ->select('m.id', 'p.id AS plan', 'p.state.title AS title', 'm.begunAt', 'm.touchedAt', 'm.events', 'm.counts')
            ->where('m.workshop = :workshop')->andWhere('p.removedAt IS NULL')
            ->setParameter('workshop', $workshop, 'ulid')->orderBy('m.touchedAt', 'DESC')->addOrderBy('m.id', 'DESC');
        if (null !== $plan) {
            $query->andWhere('m.plan = :plan')->setParameter('plan', $plan, 'ulid');
        }
        /** @var list<ListedMaking> $makings */
        $makings = $query->getQuery()->getResult();

        return $makings;
    }

    /** @param array<string, list<int>> $counts stitches of each round, by task */
    public function summary(Ulid $making, int $events, array $counts): JournalSummary
    {
        // A journal only grows: one of so many events is the same each time.
        return Remembered::of(
            JournalSummary::class,
            "{$making->toBase32()} {$events}",
            fn (): JournalSummary => JournalSummary::of(Journal::of($this->journal($making)), $counts),
        );
    }

    /**
     * @param int $since so many are known
     *
     * @return list<string> events as JSON, in the order in which they came in
     */
    public function events(Ulid $making, int $since): array
    {
        /** @var list<string> $bodies */
        $bodies = $this->database->fetchFirstColumn(
            'SELECT body FROM making_event WHERE making_id = ? AND number > ? ORDER BY number',
            [$making->toBinary(), $since],
        );

        return $bodies;
    }

    /** @return string the plan that a making follows, in a revision of it; 0: the one with which it was begun */
    public function body(Making $making, int $revision): string
    {
        $body = 0 === $revision || $revision === $making->revision ? $making->body : $this->database->fetchOne(
            'SELECT body FROM making_plan WHERE making_id = ? AND revision = ?',
            [$making->id->toBinary(), $revision],
        );

        return \is_string($body) ? $body : throw new NotFoundHttpException();
    }

    /** Keeps a revision of its plan that a making follows from now on. */
    public function keep(Making $making, int $revision, string $body): void
    {
        $this->database->executeStatement(
            'INSERT IGNORE INTO making_plan (making_id, revision, body) VALUES (?, ?, ?)',
            [$making->id->toBinary(), $revision, $body],
        );
    }

    /** @param array<string, list<int>> $counts stitches of each round, by task, where it follows another revision */
    public function recount(Making $making, array $counts): void
    {
        $this->database->executeStatement(
            'UPDATE making SET counts = ? WHERE id = ?',
            [Json::encode($counts), $making->id->toBinary()],
        );
    }

    /** @return list<Event> */
    public function journal(Ulid $making): array
    {
        return array_map(Event::json(...), $this->events($making, 0));
    }

    /**
     * What is asked every second is asked without the ORM.
     *
     * @return array{int, int} how many events its journal has; the revision of its plan
     *
     * @throws NotFoundHttpException
     */
    public function state(Ulid $workshop, string $id): array
    {
        $row = Ulid::isValid($id) ? $this->database->fetchNumeric(
            'SELECT m.events, p.revision FROM making m JOIN saved_plan p ON p.id = m.plan_id WHERE m.id = ? AND m.workshop_id = ?',
            [Ulid::fromString($id)->toBinary(), $workshop->toBinary()],
        ) : false;
        if (false === $row) {
            throw new NotFoundHttpException();
        }

        return [self::whole($row[0]), self::whole($row[1])];
    }

    /**
     * Adds what is not there yet.
     *
     * @param list<Event> $events
     *
     * @throws InvalidFields where the journal is full
     */
    public function add(Ulid $making, array $events): void
    {
        $this->retrying->do(fn () => $this->database->transactional(function (Connection $database) use ($making, $events): void {
            // One after the other, so that each has a number of its own.
            $count = self::whole($database->fetchOne('SELECT events FROM making WHERE id = ? FOR UPDATE', [$making->toBinary()]));
            /** @var list<string> $there */
            $there = $database->fetchFirstColumn(
                'SELECT id FROM making_event WHERE making_id = ? AND id IN (?)',
                [$making->toBinary(), array_map(static fn (Event $event): string => $event->id, $events)],
                [1 => ArrayParameterType::STRING],
            );
            $known = array_fill_keys($there, true);
            $rows = $values = [];
            foreach ($events as $event) {
                if (!isset($known[$event->id])) {
                    $known[$event->id] = true;
                    $rows[] = '(?, ?, ?, ?)';
                    array_push($values, $making->toBinary(), ++$count, $event->id, $event->written());
                }
            }
            if ($count > self::MOST) {
                throw InvalidFields::because('events', Message::said('This journal is full.', 'Download it, and begin making the toy anew.'));
            }
            if ([] !== $rows) {
                $database->executeStatement('INSERT INTO making_event (making_id, number, id, body) VALUES '.implode(', ', $rows), $values);
                $database->executeStatement(
                    'UPDATE making SET events = ?, touched_at = ? WHERE id = ?',
                    [$count, $this->clock->now()->format('Y-m-d H:i:s'), $making->toBinary()],
                );
            }
        }));
    }

    private static function whole(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }
}
