<?php

declare(strict_types=1);

namespace Alternum\Server\Controller;

use Alternum\Server\Watch\Counters;
use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Routing\Attribute\Route;

/**
 * Where browsers tell that a page broke its content policy, as W3C's Reporting API and CSP 3 have it. Anyone can send anything here: the
 * rules of the policy are counted and logged by their names; no address, no text and no other word is taken.
 */
final readonly class PolicyReportController
{
    public const PATH = '/policy-report';
    private const BYTES = 20_000;
    /** The directives that SecurityHeaders sets, with those of CSP 3 that fall back to one of them. */
    private const RULES = [
        'default-src', 'script-src', 'script-src-elem', 'script-src-attr', 'style-src', 'style-src-elem', 'style-src-attr', 'img-src', 'font-src',
        'connect-src', 'worker-src', 'manifest-src', 'media-src', 'object-src', 'frame-src', 'child-src', 'base-uri', 'form-action', 'frame-ancestors',
    ];

    public function __construct(
        private Counters $counters,
        private LoggerInterface $logger,
        #[Autowire(service: 'limiter.policy_report')] private RateLimiterFactory $limiter,
    ) {
    }

    #[Route(self::PATH, methods: 'POST')]
    public function report(Request $request): Response
    {
        if (\strlen($request->getContent()) > self::BYTES) {
            return new Response(null, Response::HTTP_REQUEST_ENTITY_TOO_LARGE);
        }
        if (!$this->limiter->create($request->getClientIp())->consume()->isAccepted()) {
            return new Response(null, Response::HTTP_TOO_MANY_REQUESTS);
        }
        foreach (self::rules(json_decode($request->getContent(), true, 8)) as $rule) {
            $this->counters->add("alternum_csp_reports_total{rule=\"{$rule}\"}");
            $this->logger->warning("A browser tells that a page broke the rule {$rule} of its content policy.");
        }

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /** @return list<string> the rules that were broken, each once */
    private static function rules(mixed $told): array
    {
        $bodies = match (true) {
            !\is_array($told) => [],
            isset($told['csp-report']) => [$told['csp-report']],
            default => array_map(static fn (mixed $report): mixed => \is_array($report) ? $report['body'] ?? null : null, array_values($told)),
        };
        $rules = [];
        foreach ($bodies as $body) {
            $rule = \is_array($body) ? $body['effectiveDirective'] ?? $body['effective-directive'] ?? null : null;
            if (\is_string($rule) && \in_array($rule, self::RULES, true) && !\in_array($rule, $rules, true)) {
                $rules[] = $rule;
            }
        }

        return $rules;
    }
}
