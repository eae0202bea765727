<?php

declare(strict_types=1);

namespace Alternum\Server\Http;

use Alternum\Server\Security\WorkshopUser;
use Alternum\Server\Watch\Counters;
use Alternum\Server\Watch\RequestCounts;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ControllerEvent;
use Symfony\Component\HttpKernel\Event\FinishRequestEvent;
use Symfony\Component\Lock\Exception\LockAcquiringException;
use Symfony\Component\Lock\Exception\LockReleasingException;
use Symfony\Component\Lock\LockFactory;
use Symfony\Component\Lock\LockInterface;
use Symfony\Component\Security\Core\Authentication\Token\Storage\TokenStorageInterface;

/**
 * Lets a workshop ask one heavy question at a time, so that no maker takes all processes from the others. One that comes while another is
 * worked out waits for a moment, as most take milliseconds; then it is told to come again. On one machine the lock is the system's on a file: it
 * goes with the process, however that ends.
 */
final class OneAtATime
{
    /** What a request that asks a heavy question is marked with. */
    public const HEAVY = '_heavy';

    /** Seconds that a question waits for another, and how often it looks meanwhile. */
    private const WAITS = 0.5;
    private const LOOKS = 0.02;
    private const RETRY_AFTER = 1;
    /** Seconds after which a lock in a store beside the machine is nobody's: PHP ends each request before that. */
    private const LASTS = 20.0;

    private ?LockInterface $lock = null;

    public function __construct(
        private readonly LockFactory $locks,
        private readonly TokenStorageInterface $tokens,
        private readonly Counters $counters,
        private readonly LoggerInterface $logger,
    ) {
    }

    #[AsEventListener]
    public function ask(ControllerEvent $event): void
    {
        $user = $this->tokens->getToken()?->getUser();
        if ([] === $event->getAttributes(Heavy::class) || !$user instanceof WorkshopUser) {
            return;
        }
        $request = $event->getRequest();
        $request->attributes->set(self::HEAVY, true);
        $lock = $this->locks->createLock("heavy {$user->workshop->toBase32()}", self::LASTS, autoRelease: false);
        try {
            $isFree = $this->waitFor($lock);
        } catch (LockAcquiringException $away) {
            // Where it cannot be known who asks what, makers are not to suffer for it.
            $this->logger->warning('The store of locks does not answer: heavy questions are answered at once. '.$away->getMessage());

            return;
        }
        if ($isFree) {
            $this->lock = $lock;

            return;
        }
        $request->attributes->set(RequestCounts::WHY, 'heavy');
        $event->setController(static function (): Response {
            $response = ProblemResponse::of(
                Response::HTTP_TOO_MANY_REQUESTS,
                'Something else is still being worked out for you.',
                'It is asked again by itself.',
            );
            $response->headers->set('Retry-After', (string) self::RETRY_AFTER);

            return $response;
        });
    }

    private function waitFor(LockInterface $lock): bool
    {
        for ($left = self::WAITS; !$lock->acquire(); $left -= self::LOOKS) {
            if (self::WAITS === $left) {
                $this->counters->add('alternum_heavy_waits_total');
            }
            if ($left <= 0.0) {
                return false;
            }
            usleep((int) (self::LOOKS * 1e6));
        }

        return true;
    }

    #[AsEventListener]
    public function answered(FinishRequestEvent $event): void
    {
        if ($event->isMainRequest()) {
            try {
                $this->lock?->release();
            } catch (LockReleasingException) {
                // Its store has gone meanwhile; there it ends by itself, and what was asked is answered.
            }
            $this->lock = null;
        }
    }
}
