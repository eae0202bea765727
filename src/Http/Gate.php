<?php

declare(strict_types=1);

namespace Alternum\Server\Http;

use Alternum\Core\Plan\Format\Json;
use Alternum\Server\Security\WorkshopCookie;
use Alternum\Server\Watch\RequestCounts;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Security\Csrf\CsrfToken;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;

/** What a request that changes something must pass before it is looked at: size, kind, origin, rate. */
#[AsEventListener(priority: 16)]
final readonly class Gate
{
    public function __construct(
        private CsrfTokenManagerInterface $tokens,
        #[Autowire(service: 'limiter.changing')] private RateLimiterFactory $changing,
        #[Autowire(service: 'limiter.reading')] private RateLimiterFactory $reading,
        private WorkshopCookie $cookie,
    ) {
    }

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest() || !str_starts_with($request->getPathInfo(), '/api/')) {
            return;
        }
        // Looking at something works it out, too; what other devices counted is only looked up.
        $isWorkedOut = 1 === preg_match('~^/api/(plans/|makings/[^/]+(/guides/|/forecast$|/difference$|$))~', $request->getPathInfo());
        $refusal = $request->isMethodSafe() ? ($isWorkedOut ? $this->limit($request, $this->reading) : null) : $this->refuse($request);
        if (null !== $refusal) {
            $event->setResponse($refusal);
        }
    }

    private function refuse(Request $request): ?Response
    {
        if ((int) $request->headers->get('Content-Length', '0') > Json::MESSAGE_BYTES || \strlen($request->getContent()) > Json::MESSAGE_BYTES) {
            return ProblemResponse::of(
                413,
                'This is larger than '.Json::MESSAGE_BYTES / 1024 / 1024 .' MB, more than a plan takes.',
                'Choose a file that holds a plan, or split the plan in two.',
            );
        }
        if ('' !== $request->getContent() && 'json' !== $request->getContentTypeFormat()) {
            return ProblemResponse::of(415, 'Only JSON is taken here.', 'Send it as application/json.');
        }
        if (!$this->tokens->isTokenValid(new CsrfToken('api', $request->headers->get('X-CSRF-Token', '')))) {
            $request->attributes->set(RequestCounts::WHY, 'origin');

            return ProblemResponse::of(403, 'This did not come from Alternum’s own page.', 'Open Alternum, and do it there.');
        }

        return $this->limit($request, $this->changing);
    }

    private function limit(Request $request, RateLimiterFactory $limiter): ?Response
    {
        $limit = $limiter->create($this->cookie->read($request) ?? $request->getClientIp())->consume();

        return $limit->isAccepted() ? null : ProblemResponse::tooMany('That is more than can be done at once.', $limit);
    }
}
