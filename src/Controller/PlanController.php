<?php

declare(strict_types=1);

namespace Alternum\Server\Controller;

use Alternum\Core\Analysis;
use Alternum\Core\Colour\Picture;
use Alternum\Core\Edit\Pasted;
use Alternum\Core\Exchange\AnalysisWriter;
use Alternum\Core\Exchange\EditReader;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Exchange\ReadingWriter;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Notation\LineMeanings;
use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Notation\WorkedInto;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Format\Refusal;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Terms;
use Alternum\Server\Entity\SavedPlan;
use Alternum\Server\Entity\Workshop;
use Alternum\Server\Http\Problems;
use Alternum\Server\Picture\PictureFile;
use Alternum\Server\Repository\SavedPlans;
use Alternum\Server\Shelf\PlanStore;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[Route('/api/plans')]
final readonly class PlanController
{
    /** Edits that one save may bring. */
    private const MOST_EDITS = 500;

    public function __construct(private SavedPlans $plans, private PlanStore $store, private EntityManagerInterface $entities, private ClockInterface $clock)
    {
    }

    #[Route('', methods: 'POST')]
    public function begin(#[CurrentUser] Workshop $workshop, Request $request): Response
    {
        $plan = PlanReader::json($request->getContent());
        $analysis = Analysis::of($plan);
        $saved = $this->store->begin($workshop, $plan, $analysis);
        $this->entities->flush();
        $response = self::opened($saved, $plan, $analysis, Response::HTTP_CREATED);
        $response->headers->set('Location', "/api/plans/{$saved->id()->toBase32()}");

        return $response;
    }

    #[Route('/{id}', methods: 'GET')]
    public function open(#[CurrentUser] Workshop $workshop, string $id): Response
    {
        $saved = $this->find($workshop, $id);
        $plan = PlanReader::json($saved->body());

        return self::opened($saved, $plan, Analysis::of($plan));
    }

    /** Saves the plan that is sent, with the edits sent beside it made on it, if nobody else saved in between. */
    #[Route('/{id}', methods: 'PUT')]
    public function save(#[CurrentUser] Workshop $workshop, string $id, Request $request): Response
    {
        if (1 !== preg_match('/^"(\d{1,9})"$/D', $request->headers->get('If-Match', ''), $match)) {
            return Problems::response(Response::HTTP_PRECONDITION_REQUIRED, 'The save does not say which revision it is based on.', 'Load the page again.');
        }
        $plan = self::sentPlan($request->getContent());
        $analysis = Analysis::of($plan);

        return $this->entities->wrapInTransaction(function () use ($workshop, $id, $match, $plan, $analysis): Response {
            $saved = $this->find($workshop, $id, true);
            if ($saved->revision() !== (int) $match[1]) {
                return Problems::response(Response::HTTP_PRECONDITION_FAILED, 'This plan was changed in another window.', 'Take the other one, take yours, or keep both.', ['revision' => $saved->revision(), 'savedAt' => self::time($saved)]);
            }
            $this->store->save($saved, $plan, $analysis);
            $this->entities->flush();

            return self::opened($saved, $plan, $analysis);
        });
    }

    /** What is understood of a pasted pattern. Nothing is saved. */
    #[Route('/{id}/reading', methods: 'POST')]
    public function reading(#[CurrentUser] Workshop $workshop, string $id, Request $request): Response
    {
        $plan = PlanReader::json($this->find($workshop, $id)->body());
        $fields = Fields::of(Json::decode($request->getContent(), 'a pattern', Json::MESSAGE_BYTES));
        $text = EditReader::pasted($fields);
        $fields->done();

        return new JsonResponse(ReadingWriter::pasted(Pasted::of($text, $plan)));
    }

    /** What a stitch is worked into, in the plan's words. */
    #[Route('/{id}/stitch', methods: 'GET')]
    public function stitch(#[CurrentUser] Workshop $workshop, string $id, Request $request): Response
    {
        $plan = PlanReader::json($this->find($workshop, $id)->body());
        $piece = $plan->piece($request->query->getString('piece')) ?? throw new NotFoundHttpException();
        $round = PieceReading::of($plan, $piece)->rounds[$request->query->getInt('round') - 1] ?? throw new NotFoundHttpException();
        $into = WorkedInto::of($round, $request->query->getInt('stitch')) ?? throw new NotFoundHttpException();

        return new JsonResponse(['says' => $into->inWords($round, Vocabulary::of($plan->terms))]);
    }

    /** What the stretches of a typed line were taken for. */
    #[Route('/{id}/meanings', methods: 'GET')]
    public function meanings(#[CurrentUser] Workshop $workshop, string $id, Request $request): Response
    {
        $plan = PlanReader::json($this->find($workshop, $id)->body());
        $piece = $plan->piece($request->query->getString('piece')) ?? throw new NotFoundHttpException();

        // A line that is still to be saved means nothing yet.
        return new JsonResponse(ReadingWriter::meanings(LineMeanings::of($plan, $piece, $request->query->getInt('line'))));
    }

    /** The rows of a motif that a picture or a table becomes, in the plan's yarns. Nothing is saved. */
    #[Route('/{id}/picture', methods: 'POST')]
    public function picture(#[CurrentUser] Workshop $workshop, string $id, Request $request): Response
    {
        $plan = PlanReader::json($this->find($workshop, $id)->body());
        $fields = Fields::of(Json::decode($request->getContent(), 'a picture', Json::MESSAGE_BYTES));
        $isPng = 'png' === $fields->raw('kind');
        $data = $fields->text('data', Json::MESSAGE_BYTES);
        $wide = $fields->whole('wide', 1, Limits::MOTIF, 20);
        $fields->done();
        $rows = $isPng ? Picture::rows(PictureFile::pixels((string) base64_decode($data, true)), $plan, $wide) : Picture::table($data, $plan);
        if ($rows instanceof Problem) {
            throw Refusal::because('data', $rows->message, $rows->mend);
        }

        return new JsonResponse(['rows' => $rows]);
    }

    #[Route('/{id}', methods: 'DELETE')]
    public function remove(#[CurrentUser] Workshop $workshop, string $id): Response
    {
        $this->find($workshop, $id)->remove($this->clock->now());
        $this->entities->flush();

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    #[Route('/{id}/restore', methods: 'POST')]
    public function restore(#[CurrentUser] Workshop $workshop, string $id): Response
    {
        $saved = $this->plans->ofWorkshop($workshop, $id) ?? throw new NotFoundHttpException();
        $saved->restore();
        $this->entities->flush();

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    #[Route('/{id}/file', methods: 'GET')]
    public function file(#[CurrentUser] Workshop $workshop, string $id): Response
    {
        $plan = PlanReader::json($this->find($workshop, $id)->body());

        return self::download(PlanWriter::json($plan), $plan->title, 'json', 'application/json');
    }

    #[Route('/{id}/pattern', methods: 'GET')]
    public function pattern(#[CurrentUser] Workshop $workshop, string $id, Request $request): Response
    {
        $plan = PlanReader::json($this->find($workshop, $id)->body());
        $terms = Terms::tryFrom($request->query->getString('terms', $plan->terms->value));
        if (null === $terms) {
            return Problems::response(Response::HTTP_BAD_REQUEST, 'These words are not known.', 'Ask for us or uk.');
        }

        return self::download(WrittenPattern::text(Analysis::of($plan), $terms), $plan->title, 'txt', 'text/plain; charset=UTF-8');
    }

    private static function sentPlan(string $content): Plan
    {
        $fields = Fields::of(Json::decode($content, 'a save', Json::MESSAGE_BYTES));
        $plan = PlanReader::values($fields->raw('plan'), 'plan');
        $edits = $fields->has('edits') ? $fields->raw('edits') : [];
        if (!\is_array($edits) || \count($edits) > self::MOST_EDITS) {
            throw Refusal::because('edits', 'This is not a list of edits.', 'Send '.self::MOST_EDITS.' at the most.');
        }
        $fields->done();
        foreach (array_values($edits) as $i => $edit) {
            $plan = EditReader::values($edit, "edits[{$i}]")->apply($plan);
        }

        return $plan;
    }

    private function find(Workshop $workshop, string $id, bool $forUpdate = false): SavedPlan
    {
        $saved = $this->plans->ofWorkshop($workshop, $id, $forUpdate);

        return null === $saved || $saved->isRemoved() ? throw new NotFoundHttpException() : $saved;
    }

    private static function opened(SavedPlan $saved, Plan $plan, Analysis $analysis, int $status = Response::HTTP_OK): JsonResponse
    {
        return JsonResponse::fromJsonString(Json::encode([
            'id' => $saved->id()->toBase32(),
            'revision' => $saved->revision(),
            'savedAt' => self::time($saved),
            'plan' => PlanWriter::values($plan),
            'analysis' => AnalysisWriter::values($analysis),
        ]), $status, ['ETag' => "\"{$saved->revision()}\""]);
    }

    private static function time(SavedPlan $saved): string
    {
        return $saved->savedAt()->format(\DateTimeInterface::RFC3339);
    }

    private static function download(string $content, string $title, string $ending, string $type): Response
    {
        $name = trim((string) preg_replace('/[^A-Za-z0-9]+/', '-', $title), '-');

        return new Response($content, headers: [
            'Content-Type' => $type,
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, ('' === $name ? 'plan' : strtolower($name)).".{$ending}"),
        ]);
    }
}
