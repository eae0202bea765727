<?php

declare(strict_types=1);

namespace Alternum\Server\Http;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\ConnectionException;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\DBAL\Exception\RetryableException;
use Psr\Cache\CacheItemPoolInterface;
use Psr\Clock\ClockInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * Answers for a database that is away, that somebody else keeps busy, or whose disk is full: come again soon. One line in the log, not one for
 * each request. While it is known to be away nobody waits for it: one request at a time asks whether it is back, the others are answered at
 * once.
 */
final readonly class DatabaseAway
{
    private const AWAY = 'database-away-until';
    /** Seconds for which nobody asks an absent database, and those that one question may take: see bin/lib/templates/php.ini. */
    private const RESTS = 1.0;
    private const ASKS = 5.0;
    /** Seconds for which it is not said again. */
    private const SAID = 60;
    /** MariaDB's errors for a disk that is full, from its handbook: ER_DISK_FULL, ER_ERROR_ON_WRITE, ER_GET_ERRNO, ER_RECORD_FILE_FULL. */
    private const FULL = [1021, 1026, 1030, 1114];

    /** ER_UNKNOWN_COM_ERROR: what a database says that has lost the others of its cluster. */
    private const NOT_OF_THE_CLUSTER = 1047;

    private const NO_ANSWER = [Response::HTTP_SERVICE_UNAVAILABLE, 'Alternum’s database does not answer.', 3];

    public function __construct(
        private CacheItemPoolInterface $cache,
        private LoggerInterface $logger,
        private ClockInterface $clock,
        private Connection $database,
    ) {
    }

    #[AsEventListener(priority: 1024)]
    public function asked(RequestEvent $event): void
    {
        $until = $event->isMainRequest() ? $this->cache->getItem(self::AWAY)->get() : null;
        if (!\is_float($until)) {
            return;
        }
        if ($this->now() < $until) {
            $event->setResponse(self::response($event->getRequest(), ...self::NO_ANSWER));

            return;
        }
        // While this one asks, the others do not; where it ends without a word, another asks.
        $this->rest(self::ASKS);
        $this->database->executeQuery('SELECT 1');
        $this->cache->deleteItem(self::AWAY);
    }

    #[AsEventListener(priority: -32)]
    public function failed(ExceptionEvent $event): void
    {
        for ($error = $event->getThrowable(); null !== $error; $error = $error->getPrevious()) {
            $isAway = $error instanceof ConnectionException || ($error instanceof DriverException && self::NOT_OF_THE_CLUSTER === $error->getCode());
            [$status, $detail, $after] = match (true) {
                $isAway => self::NO_ANSWER,
                $error instanceof RetryableException => [Response::HTTP_SERVICE_UNAVAILABLE, 'Alternum’s database is busy.', 1],
                $error instanceof DriverException && \in_array($error->getCode(), self::FULL, true) => [
                    Response::HTTP_INSUFFICIENT_STORAGE, 'The disk that Alternum keeps plans on is full.', 60,
                ],
                default => [0, '', 0],
            };
            if (0 !== $status) {
                $this->say($status, $detail, $error->getMessage());
                $event->setResponse(self::response($event->getRequest(), $status, $detail, $after));
                if ($isAway) {
                    $this->rest(self::RESTS);
                }

                return;
            }
        }
    }

    private function say(int $status, string $detail, string $error): void
    {
        $said = $this->cache->getItem("database-away-{$status}");
        if (!$said->isHit()) {
            $this->cache->save($said->set(true)->expiresAfter(self::SAID));
            $this->logger->error("{$detail} {$error}");
        }
    }

    private function now(): float
    {
        return (float) $this->clock->now()->format('U.u');
    }

    private function rest(float $seconds): void
    {
        $this->cache->save($this->cache->getItem(self::AWAY)->set($this->now() + $seconds)->expiresAfter(self::SAID));
    }

    private static function response(Request $request, int $status, string $detail, int $after): Response
    {
        $response = str_starts_with($request->getPathInfo(), '/api/')
            ? ProblemResponse::of($status, $detail, 'What you made is kept in the browser; it is saved when this works again.')
            : new Response("{$detail} This page tries again by itself.", $status, [
                'Content-Type' => 'text/plain; charset=utf-8', 'Refresh' => (string) $after,
            ]);
        $response->headers->set('Retry-After', (string) $after);

        return $response;
    }
}
