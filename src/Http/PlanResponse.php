<?php

declare(strict_types=1);

namespace Alternum\Server\Http;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\AnalysisWriter;
use Alternum\Core\Exchange\PieceWriter;
use Alternum\Core\Exchange\ReadingWriter;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Server\Saving\StoredPlan;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Plans as they are answered. */
final class PlanResponse
{
    /**
     * @param string|null          $piece the key of the piece in hand; null: the first
     * @param array<string, mixed> $more
     */
    public static function opened(
        StoredPlan $stored,
        Plan $plan,
        Analysis $analysis,
        ?string $piece,
        array $more = [],
    ): JsonResponse {
        return JsonResponse::fromJsonString(Json::encode([
            'id' => $stored->id->toBase32(),
            'revision' => $stored->revision,
            'savedAt' => self::time($stored->savedAt),
            'plan' => $plan->values(),
            'analysis' => AnalysisWriter::lookedAt($analysis, $piece),
            'errors' => \count(Problem::errors($analysis->problems)),
            'layerYarns' => $plan->layerYarns(),
        ] + $more), headers: ['ETag' => "\"{$stored->revision}\""]);
    }

    /** A plan that was begun; it is opened next, with the piece that is looked at. */
    public static function begun(StoredPlan $stored): JsonResponse
    {
        $id = $stored->id->toBase32();

        return new JsonResponse(
            ['id' => $id, 'revision' => $stored->revision, 'savedAt' => self::time($stored->savedAt)],
            Response::HTTP_CREATED,
            ['Location' => "/api/plans/{$id}", 'ETag' => "\"{$stored->revision}\""],
        );
    }

    /** One piece, as it is looked at. */
    public static function piece(StoredPlan $stored, Analysis $analysis, string $key): JsonResponse
    {
        foreach ($analysis->pieces as $i => $piece) {
            if ($key === $piece->piece->key) {
                return JsonResponse::fromJsonString(Json::encode([
                    'revision' => $stored->revision,
                    'piece' => PieceWriter::values($analysis->plan, $piece, $analysis->lengths[$i]),
                    'problems' => ReadingWriter::problems(AnalysisWriter::problems($analysis, $key)),
                ]));
            }
        }

        throw new NotFoundHttpException();
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
