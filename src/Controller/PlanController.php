<?php

declare(strict_types=1);

namespace Alternum\Server\Controller;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Plan\Terms;
use Alternum\Server\Entity\Workshop;
use Alternum\Server\Http\PlanResponse;
use Alternum\Server\Http\ProblemResponse;
use Alternum\Server\Repository\SavedPlans;
use Alternum\Server\Saving\OperationsMessage;
use Alternum\Server\Saving\Result;
use Alternum\Server\Saving\Saving;
use Alternum\Server\Shelf\PlanStore;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Plans: begun, opened, saved, taken off the shelf, written out. */
#[Route('/api/plans')]
final readonly class PlanController
{
    public function __construct(private SavedPlans $plans, private EntityManagerInterface $entities, private ClockInterface $clock)
    {
    }

    #[Route('', methods: 'POST')]
    public function begin(#[CurrentUser] Workshop $workshop, Request $request, PlanStore $store): Response
    {
        $plan = PlanReader::json($request->getContent());
        $analysis = Analysis::of($plan);
        $saved = $store->begin($workshop, $plan, $analysis);
        $this->entities->flush();
        $response = PlanResponse::opened($saved, $plan, $analysis, Response::HTTP_CREATED);
        $response->headers->set('Location', "/api/plans/{$saved->id()->toBase32()}");

        return $response;
    }

    #[Route('/{id}', methods: 'GET')]
    public function open(#[CurrentUser] Workshop $workshop, string $id): Response
    {
        $saved = $this->plans->get($workshop, $id);
        $plan = PlanReader::json($saved->body());

        return PlanResponse::opened($saved, $plan, Analysis::of($plan));
    }

    /** Makes the operations that are sent, each once, if nobody else saved in between. */
    #[Route('/{id}/operations', methods: 'POST')]
    public function save(#[CurrentUser] Workshop $workshop, string $id, Request $request, Saving $saving): Response
    {
        return $this->entities->getConnection()->transactional(function () use ($workshop, $id, $request, $saving): Response {
            // Whose the plan is comes before anything is worked out.
            $plan = $this->plans->get($workshop, $id, true);
            $message = OperationsMessage::of($request->getContent());
            $saved = $saving->operations($plan, $message);
            if (null === $saved) {
                return ProblemResponse::of(
                    Response::HTTP_PRECONDITION_FAILED,
                    'This plan was changed in another window.',
                    'Take the other one, take yours, or keep both.',
                    ['revision' => $plan->revision(), 'savedAt' => PlanResponse::time($plan->savedAt())],
                );
            }

            return PlanResponse::opened(
                $plan,
                $saved->plan,
                $saved->analysis,
                more: ['results' => array_map(static fn (Result $result): array => $result->values(), $saved->results)],
            );
        });
    }

    /** Which revision is saved, for a window that has been idle. */
    #[Route('/{id}/revision', methods: 'GET')]
    public function revision(#[CurrentUser] Workshop $workshop, string $id): Response
    {
        $saved = $this->plans->get($workshop, $id);

        return new JsonResponse(['revision' => $saved->revision(), 'savedAt' => PlanResponse::time($saved->savedAt())]);
    }

    #[Route('/{id}', methods: 'DELETE')]
    public function remove(#[CurrentUser] Workshop $workshop, string $id): Response
    {
        $this->plans->get($workshop, $id)->remove($this->clock->now());
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
        $plan = PlanReader::json($this->plans->get($workshop, $id)->body());

        return PlanResponse::download(PlanWriter::json($plan), $plan->title, 'json', 'application/json');
    }

    #[Route('/{id}/pattern', methods: 'GET')]
    public function pattern(#[CurrentUser] Workshop $workshop, string $id, Request $request): Response
    {
        $plan = PlanReader::json($this->plans->get($workshop, $id)->body());
        $terms = Terms::tryFrom($request->query->getString('terms', $plan->terms->value));
        if (null === $terms) {
            return ProblemResponse::of(Response::HTTP_BAD_REQUEST, 'These words are not known.', 'Ask for us or uk.');
        }

        return PlanResponse::download(WrittenPattern::text(Analysis::of($plan), $terms), $plan->title, 'txt', 'text/plain; charset=utf-8');
    }
}
