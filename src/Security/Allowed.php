<?php

declare(strict_types=1);

namespace Alternum\Server\Security;

use Alternum\Server\Http\ProblemResponse;
use Alternum\Server\Watch\RequestCounts;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ControllerEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\Security\Core\Authentication\Token\Storage\TokenStorageInterface;

/**
 * Refuses what a browser may not do in the workshop that it has open, before anything is looked up; and says with each answer what it may do, so that
 * its page does not offer the rest.
 */
final readonly class Allowed
{
    /** The header that says it. What is kept and shown again later says it no more: it would be of another day. */
    public const HEADER = 'Alternum-May';

    public function __construct(private TokenStorageInterface $tokens)
    {
    }

    /** Before SecurityHeaders, after which nothing says any more that it may be kept. */
    #[AsEventListener(priority: 16)]
    public function tell(ResponseEvent $event): void
    {
        $user = $this->tokens->getToken()?->getUser();
        if ($user instanceof WorkshopUser && $event->isMainRequest() && !$event->getResponse()->headers->hasCacheControlDirective('max-age')) {
            $event->getResponse()->headers->set(self::HEADER, $user->role->value);
        }
    }

    #[AsEventListener(priority: 8)]
    public function refuse(ControllerEvent $event): void
    {
        $user = $this->tokens->getToken()?->getUser();
        if (!$event->isMainRequest() || !$user instanceof WorkshopUser) {
            return;
        }
        $needed = ($event->getAttributes(Needs::class)[0] ?? null)->role ?? ($event->getRequest()->isMethodSafe() ? Role::Read : Role::Hold);
        if ($user->role->allows($needed)) {
            return;
        }
        $event->getRequest()->attributes->set(RequestCounts::WHY, 'role');
        $event->setController(static fn (): Response => ProblemResponse::of(Response::HTTP_FORBIDDEN, self::says($user->role), match ($needed) {
            Role::Hold => 'Whoever holds the workshop can do this.',
            default => 'Whoever holds the workshop can let you do more in it. A copy in a workshop of your own is yours: download the plan as a file.',
        }));
    }

    private static function says(Role $role): string
    {
        return match ($role) {
            Role::Read => 'You may look at this workshop, and change nothing in it.',
            Role::Make => 'You may make what is planned in this workshop, and change nothing else in it.',
            default => 'You may change plans and yarn in this workshop, and nothing else.',
        };
    }
}
