<?php

declare(strict_types=1);

namespace Alternum\Server\Http;

use Doctrine\DBAL\Exception\ConnectionException;
use Psr\Cache\CacheItemPoolInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;

/** Answers for a database that is away: come again soon. One line in the log, not one for each request. */
#[AsEventListener(priority: -32)]
final readonly class DatabaseAway
{
    private const RETRY_AFTER = 3;
    /** Seconds for which it is not said again. */
    private const SAID = 60;

    public function __construct(private CacheItemPoolInterface $cache, private LoggerInterface $logger)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        $error = $event->getThrowable();
        while (null !== $error && !$error instanceof ConnectionException) {
            $error = $error->getPrevious();
        }
        if (null === $error) {
            return;
        }
        $said = $this->cache->getItem('database-away');
        if (!$said->isHit()) {
            $this->cache->save($said->set(true)->expiresAfter(self::SAID));
            $this->logger->error('The database does not answer: '.$error->getMessage());
        }
        $response = str_starts_with($event->getRequest()->getPathInfo(), '/api/')
            ? ProblemResponse::of(
                Response::HTTP_SERVICE_UNAVAILABLE,
                'Alternum’s database does not answer.',
                'What you made is kept in the browser; it is saved when this works again.',
            )
            : new Response(
                'Alternum’s database does not answer. This page tries again by itself.',
                Response::HTTP_SERVICE_UNAVAILABLE,
                ['Content-Type' => 'text/plain; charset=utf-8', 'Refresh' => (string) self::RETRY_AFTER],
            );
        $response->headers->set('Retry-After', (string) self::RETRY_AFTER);
        $event->setResponse($response);
    }
}
