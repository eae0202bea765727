<?php

declare(strict_types=1);

namespace Alternum\Server\Http;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\AnalysisWriter;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Plan;
use Alternum\Server\Saving\StoredPlan;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;

/** Plans as they are answered. */
final class PlanResponse
{
    /** @param array<string, mixed> $more */
    public static function opened(StoredPlan $stored, Plan $plan, Analysis $analysis, int $status = Response::HTTP_OK, array $more = []): JsonResponse
    {
        return JsonResponse::fromJsonString(Json::encode([
            'id' => $stored->id->toBase32(),
            'revision' => $stored->revision,
            'savedAt' => self::time($stored->savedAt),
            'plan' => $plan->values(),
            'analysis' => AnalysisWriter::values($analysis),
        ] + $more), $status, ['ETag' => "\"{$stored->revision}\""]);
    }

    public static function time(\DateTimeImmutable $at): string
    {
        return $at->format(\DateTimeInterface::RFC3339);
    }

    /** A file to keep, under a name that any system takes. */
    public static function download(string $content, string $title, string $ending, string $type): Response
    {
        $name = trim((string) preg_replace('/[^A-Za-z0-9]+/', '-', $title), '-');

        return new Response($content, headers: [
            'Content-Type' => $type,
            'Content-Disposition' => HeaderUtils::makeDisposition(
                HeaderUtils::DISPOSITION_ATTACHMENT,
                ('' === $name ? 'plan' : strtolower($name)).".{$ending}",
            ),
        ]);
    }
}
