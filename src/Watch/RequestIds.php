<?php

declare(strict_types=1);

namespace Alternum\Server\Watch;

use Monolog\Attribute\AsMonologProcessor;
use Monolog\LogRecord;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** Ties an answer to what the logs say of it: nginx gives each request a word of its own, which both carry. */
#[AsMonologProcessor]
final readonly class RequestIds
{
    public const HEADER = 'X-Request-Id';

    public function __construct(private RequestStack $requests)
    {
    }

    public function __invoke(LogRecord $record): LogRecord
    {
        $id = $this->id();

        return null === $id ? $record : $record->with(extra: ['request' => $id] + $record->extra);
    }

    #[AsEventListener]
    public function answered(ResponseEvent $event): void
    {
        $id = $this->id();
        if ($event->isMainRequest() && null !== $id) {
            $event->getResponse()->headers->set(self::HEADER, $id);
        }
    }

    private function id(): ?string
    {
        $id = $this->requests->getMainRequest()?->headers->get(self::HEADER);

        return null !== $id && 1 === preg_match('/^[0-9a-f]{32}$/', $id) ? $id : null;
    }
}
