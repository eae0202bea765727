<?php

declare(strict_types=1);

namespace Alternum\Server\Http;

use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;

/** Errors as RFC 9457 problem details; `mend` says what to do, `problems` where it is wrong. */
final class ProblemResponse
{
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
