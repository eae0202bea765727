<?php

declare(strict_types=1);

namespace Alternum\Server\Http;

use Alternum\Server\Security\WorkshopUser;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ControllerEvent;
use Symfony\Component\HttpKernel\Event\FinishRequestEvent;
use Symfony\Component\Lock\LockFactory;
use Symfony\Component\Lock\LockInterface;
use Symfony\Component\Security\Core\Authentication\Token\Storage\TokenStorageInterface;

/**
 * Lets a workshop ask one heavy question at a time, so that no maker takes all processes from the others. One that comes while another is
 * worked out waits for a moment, as most take milliseconds; then it is told to come again. The lock is the system's on a file: it goes with
 * the process, however that ends.
 */
final class OneAtATime
{
    /** Seconds that a question waits for another, and how often it looks meanwhile. */
    private const WAITS = 0.5;
    private const LOOKS = 0.02;
    private const RETRY_AFTER = 1;

    private ?LockInterface $lock = null;

    public function __construct(private readonly LockFactory $locks, private readonly TokenStorageInterface $tokens)
    {
    }

    #[AsEventListener]
    public function ask(ControllerEvent $event): void
    {
        $user = $this->tokens->getToken()?->getUser();
        if ([] === $event->getAttributes(Heavy::class) || !$user instanceof WorkshopUser) {
            return;
        }
        $lock = $this->locks->createLock("heavy {$user->workshop->toBase32()}");
        for ($left = self::WAITS; !$lock->acquire(); $left -= self::LOOKS) {
            if ($left <= 0.0) {
                $event->setController(static function (): Response {
                    $response = ProblemResponse::of(
                        Response::HTTP_TOO_MANY_REQUESTS,
                        'Something else is still being worked out for you.',
                        'It is asked again by itself.',
                    );
                    $response->headers->set('Retry-After', (string) self::RETRY_AFTER);

                    return $response;
                });

                return;
            }
            usleep((int) (self::LOOKS * 1e6));
        }
        $this->lock = $lock;
    }

    #[AsEventListener]
    public function answered(FinishRequestEvent $event): void
    {
        if ($event->isMainRequest()) {
            $this->lock?->release();
            $this->lock = null;
        }
    }
}
