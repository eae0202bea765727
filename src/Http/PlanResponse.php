<?php

declare(strict_types=1);

namespace Alternum\Server\Http;

use Alternum\Core\Exchange\AnalysisWriter;
use Alternum\Core\Exchange\PlanAnswer;
use Alternum\Core\Exchange\ReadingWriter;
use Alternum\Core\Plan\Format\Json;
use Alternum\Server\Entity\PlanState;
use Alternum\Server\Entity\SavedPlan;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Ulid;

/** Plans as they are answered. */
final class PlanResponse
{
    /**
     * @param string               $piece the key of the piece in hand; of none: the first
     * @param array<string, mixed> $more
     * @param string               $known the constants that the asker has: Constants::name()
     */
    public static function opened(Ulid $id, PlanState $stored, PlanAnswer $answer, string $piece, array $more = [], string $known = ''): JsonResponse
    {
        $around = Json::encode([
            'id' => $id->toBase32(),
            'revision' => $stored->revision,
            'savedAt' => self::time($stored->savedAt),
            'plan' => $answer->plan->values(),
            'errors' => $answer->errors(),
            'layerYarns' => $answer->plan->layerYarns(),
        ] + $more);

        return JsonResponse::fromJsonString(
            substr($around, 0, -1).",\"analysis\":{$answer->json($piece, $known)}}",
            headers: ['ETag' => "\"{$stored->revision}\""],
        );
    }

    /** A plan that was begun; it is opened next, with the piece that is looked at. */
    public static function begun(SavedPlan $plan): JsonResponse
    {
        $id = $plan->id()->toBase32();
        $stored = $plan->state;

        return new JsonResponse(
            ['id' => $id, 'revision' => $stored->revision, 'savedAt' => self::time($stored->savedAt)],
            Response::HTTP_CREATED,
            ['Location' => "/api/plans/{$id}", 'ETag' => "\"{$stored->revision}\""],
        );
    }

    /** One piece, as it is looked at. */
    public static function piece(PlanState $stored, PlanAnswer $answer, string $key): JsonResponse
    {
        $at = self::at($answer, $key);
        $around = Json::encode([
            'revision' => $stored->revision,
            'problems' => ReadingWriter::problems(AnalysisWriter::foremost($answer->problems, $key)),
        ]);

        return JsonResponse::fromJsonString(substr($around, 0, -1).",\"piece\":{$answer->pieces[$at]->json}}");
    }

    /** One piece and the yarn of the whole plan, as an edit would make them. */
    public static function comes(PlanAnswer $answer, string $key): JsonResponse
    {
        $around = Json::encode(['yarns' => AnalysisWriter::metres($answer->amounts)]);

        return JsonResponse::fromJsonString(substr($around, 0, -1).",\"piece\":{$answer->pieces[self::at($answer, $key)]->json}}");
    }

    /** @return int the piece's place in the plan */
    private static function at(PlanAnswer $answer, string $key): int
    {
        $at = array_search($key, array_column($answer->plan->pieces, 'key'), true);

        return \is_int($at) ? $at : throw new NotFoundHttpException();
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
