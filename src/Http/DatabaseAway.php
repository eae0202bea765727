<?php

declare(strict_types=1);

namespace Alternum\Server\Http;

use Doctrine\DBAL\Exception\ConnectionException;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\DBAL\Exception\RetryableException;
use Psr\Cache\CacheItemPoolInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;

/**
 * Answers for a database that is away, that somebody else keeps busy, or whose disk is full: come again soon. One line in the log, not one for
 * each request.
 */
#[AsEventListener(priority: -32)]
final readonly class DatabaseAway
{
    /** Seconds for which it is not said again. */
    private const SAID = 60;
    /** MariaDB's errors for a disk that is full, from its handbook: ER_DISK_FULL, ER_ERROR_ON_WRITE, ER_GET_ERRNO, ER_RECORD_FILE_FULL. */
    private const FULL = [1021, 1026, 1030, 1114];

    public function __construct(private CacheItemPoolInterface $cache, private LoggerInterface $logger)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        for ($error = $event->getThrowable(); null !== $error; $error = $error->getPrevious()) {
            [$status, $detail, $after] = match (true) {
                $error instanceof ConnectionException => [Response::HTTP_SERVICE_UNAVAILABLE, 'Alternum’s database does not answer.', 3],
                $error instanceof RetryableException => [Response::HTTP_SERVICE_UNAVAILABLE, 'Alternum’s database is busy.', 1],
                $error instanceof DriverException && \in_array($error->getCode(), self::FULL, true) => [
                    Response::HTTP_INSUFFICIENT_STORAGE, 'The disk that Alternum keeps plans on is full.', 60,
                ],
                default => [0, '', 0],
            };
            if (0 !== $status) {
                $this->say($status, $detail, $error->getMessage());
                $event->setResponse($this->response($event->getRequest()->getPathInfo(), $status, $detail, $after));

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

    private function response(string $path, int $status, string $detail, int $after): Response
    {
        $response = str_starts_with($path, '/api/')
            ? ProblemResponse::of($status, $detail, 'What you made is kept in the browser; it is saved when this works again.')
            : new Response("{$detail} This page tries again by itself.", $status, [
                'Content-Type' => 'text/plain; charset=utf-8', 'Refresh' => (string) $after,
            ]);
        $response->headers->set('Retry-After', (string) $after);

        return $response;
    }
}
