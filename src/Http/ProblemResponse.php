<?php

declare(strict_types=1);

namespace Alternum\Server\Http;

use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\RateLimiter\RateLimit;

/** Errors as RFC 9457 problem details; `mend` says what to do, `problems` where it is wrong. */
final class ProblemResponse
{
    public static function tooMany(string $detail, RateLimit $limit): JsonResponse
    {
        $wait = max(1, $limit->getRetryAfter()->getTimestamp() - time());
        $response = self::of(Response::HTTP_TOO_MANY_REQUESTS, $detail, 'It goes on in '.($wait < 120 ? "{$wait} s." : intdiv($wait, 60).' minutes.'));
        $response->headers->set('Retry-After', (string) $wait);

        return $response;
    }

    /** @param array<string, mixed> $more */
    public static function of(int $status, string $detail, string $mend, array $more = []): JsonResponse
    {
        return new JsonResponse([
            'type' => 'about:blank',
            'title' => Response::$statusTexts[$status] ?? 'Error',
            'status' => $status,
            'detail' => $detail,
            'mend' => $mend,
        ] + $more, $status, ['Content-Type' => 'application/problem+json']);
    }
}
