<?php

declare(strict_types=1);

namespace Alternum\Server\Controller;

use Alternum\Server\Account\Offer;
use Alternum\Server\Entity\Workshop;
use Alternum\Server\Http\Assets;
use Alternum\Server\Http\ProblemResponse;
use Alternum\Server\Http\SecurityHeaders;
use Alternum\Server\Repository\Browsers;
use Alternum\Server\Security\WorkshopCookie;
use Alternum\Server\Security\WorkshopUser;
use Alternum\Server\Shelf\DemoPlans;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Twig\Environment;

/** The one page, whatever is open in it. The first visit makes a workshop. */
final readonly class PageController
{
    private const BENCH = 'web/src/bench/BenchPage.tsx';

    public function __construct(
        private Environment $twig,
        private Assets $assets,
        private WorkshopCookie $cookie,
        private DemoPlans $demo,
        private EntityManagerInterface $entities,
        private Browsers $browsers,
        private ClockInterface $clock,
        private Offer $accounts,
        #[Autowire(service: 'limiter.new_workshop')] private RateLimiterFactory $limiter,
    ) {
    }

    /** A page as it is before anything is opened in it: kept by the service worker, for when there is no network. */
    #[Route('/make', name: 'making_shell', methods: 'GET')]
    #[Route('/bench', name: 'bench_shell', methods: 'GET')]
    public function shell(Request $request): Response
    {
        $isMaking = 'making_shell' === $request->attributes->get('_route');
        $entry = $isMaking ? $this->assets->entry(Assets::MAKING) : $this->assets->entry(Assets::BENCH, self::BENCH);

        return null === $entry ? self::notBuilt() : $this->shown($request, $entry, false);
    }

    #[Route('/', methods: 'GET')]
    #[Route('/open', methods: 'GET')]
    #[Route('/plan/{id}', requirements: ['id' => '[0-9A-Za-z]{1,40}'], methods: 'GET')]
    #[Route('/practice', name: 'practice', methods: 'GET')]
    #[Route('/plan/{id}/make', name: 'making', requirements: ['id' => '[0-9A-Za-z]{1,40}'], methods: 'GET')]
    #[Route('/plan/{id}/{station}', requirements: [
        'id' => '[0-9A-Za-z]{1,40}', 'station' => 'yarns|rounds|colours|changes|parts|amounts|pattern',
    ], methods: 'GET')]
    public function page(Request $request, #[CurrentUser] ?WorkshopUser $user): Response
    {
        $entry = match (true) {
            \in_array($request->attributes->get('_route'), ['making', 'practice'], true) => $this->assets->entry(Assets::MAKING),
            default => $this->assets->entry(Assets::BENCH, $request->attributes->has('id') ? self::BENCH : null),
        };
        if (null === $entry) {
            return self::notBuilt();
        }
        $workshop = null === $user ? null : $this->entities->find(Workshop::class, $user->workshop);
        // A cookie that is right and opens nothing is of a browser that was signed out, or of a workshop that was tidied away.
        $isInPlace = null === $workshop && null !== $this->cookie->read($request);
        if (null === $workshop) {
            $limit = $this->limiter->create($request->getClientIp())->consume();
            if (!$limit->isAccepted()) {
                $problem = ProblemResponse::tooMany('', $limit);

                return new Response(
                    'Too many new workshops were opened from here. Try again in an hour.',
                    Response::HTTP_TOO_MANY_REQUESTS,
                    ['Content-Type' => 'text/plain', 'Retry-After' => $problem->headers->get('Retry-After')],
                );
            }
            $workshop = new Workshop($this->clock->now());
            $this->entities->persist($workshop);
            $this->demo->layOut($workshop);
        }
        $browser = $this->browsers->seen($workshop, $user?->browser, $request);
        $this->entities->flush();
        $response = $this->shown($request, $entry, $isInPlace);
        $response->headers->set('Cache-Control', 'no-store, private');
        $response->headers->setCookie($this->cookie->of($browser, $request->isSecure()));

        return $response;
    }

    /** @param array{script: string, styles: list<string>, ahead: list<string>} $entry */
    private function shown(Request $request, array $entry, bool $isInPlace): Response
    {
        $nonce = bin2hex(random_bytes(16));
        $request->attributes->set(SecurityHeaders::NONCE, $nonce);

        return new Response($this->twig->render('page.html.twig', [
            'entry' => $entry,
            'nonce' => $nonce,
            'isInPlace' => $isInPlace,
            'hasAccounts' => $this->accounts->isMade(),
        ]));
    }

    private static function notBuilt(): Response
    {
        return new Response('The front end is not built yet. Run bin/start.', Response::HTTP_SERVICE_UNAVAILABLE, ['Content-Type' => 'text/plain']);
    }
}
