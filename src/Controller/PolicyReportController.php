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
 * Where browsers tell that a page broke its content policy, as W3C's Reporting API and CSP 3 have it. Anyone can send anything here: it is counted, and
 * of the first of each kind the rule's name is logged, no address and no text.
 */
final readonly class PolicyReportController
{
    public const PATH = '/policy-report';
    private const BYTES = 20_000;

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
            if (\is_string($rule) && 1 === preg_match('/^[a-z]{2,12}(-[a-z]{2,12}){0,3}$/', $rule)) {
                $rules[$rule] = $rule;
            }
        }

        return array_values($rules);
    }
}
