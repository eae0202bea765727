<?php

declare(strict_types=1);

namespace Alternum\Server\Controller;

use Alternum\Core\Exchange\Exports;
use Alternum\Core\Exchange\PlanAnswer;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\WritingLimits;
use Alternum\Core\Plan\Terms;
use Alternum\Server\Http\Heavy;
use Alternum\Server\Http\PlanResponse;
use Alternum\Server\Http\ProblemResponse;
use Alternum\Server\Repository\SavedPlans;
use Alternum\Server\Saving\Overtaken;
use Alternum\Server\Saving\Result;
use Alternum\Server\Saving\Saving;
use Alternum\Server\Security\Needs;
use Alternum\Server\Security\Role;
use Alternum\Server\Security\WorkshopUser;
use Alternum\Server\Shelf\BringingIn;
use Alternum\Server\Shelf\PlanStore;
use Alternum\Server\Watch\Counters;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Ulid;

/** Plans: begun, opened, saved, taken off the shelf, written out. */
#[Route('/api/plans')]
final readonly class PlanController
{
    public function __construct(private SavedPlans $plans)
    {
    }

    #[Route('', methods: 'POST')]
    #[Needs(Role::Edit)]
    public function begin(#[CurrentUser] WorkshopUser $user, Request $request, PlanStore $store): Response
    {
        $plan = PlanReader::json($request->getContent());
        WritingLimits::hold($plan, null);

        return PlanResponse::begun($store->another($user->workshop, $plan));
    }

    #[Route('/{id}', methods: 'GET')]
    public function open(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $stored = $this->plans->state($user->workshop, $id);
        $plan = PlanReader::json($stored->body);

        $piece = $request->query->getString('piece');

        return PlanResponse::opened(Ulid::fromString($id), $stored, PlanAnswer::of($plan, $piece), $piece);
    }

    /** One piece, when it is looked at: what opening and saving answer holds as many as it bears. */
    #[Route('/{id}/pieces/{key}', requirements: ['key' => '[a-z0-9-]{1,40}'], methods: 'GET')]
    public function piece(#[CurrentUser] WorkshopUser $user, string $id, string $key): Response
    {
        $stored = $this->plans->state($user->workshop, $id);

        return PlanResponse::piece($stored, PlanAnswer::of(PlanReader::json($stored->body), $key), $key);
    }

    /** Makes the operations that are sent, each once, if nobody else saved in between. */
    #[Route('/{id}/operations', methods: 'POST')]
    #[Needs(Role::Edit)]
    public function save(#[CurrentUser] WorkshopUser $user, string $id, Request $request, Saving $saving, Counters $counters): Response
    {
        $piece = $request->query->getString('piece');
        try {
            $saved = $saving->operations($user->workshop, $id, $request->getContent(), $piece);
        } catch (Overtaken $overtaken) {
            $counters->add('alternum_conflicts_total');

            return ProblemResponse::of(
                Response::HTTP_PRECONDITION_FAILED,
                'This plan was changed in another window.',
                'Take the other one, take yours, or keep both.',
                ['revision' => $overtaken->stored->revision, 'since' => $overtaken->since(), 'savedAt' => PlanResponse::time($overtaken->stored->savedAt)],
            );
        }

        foreach ($saved->results as $result) {
            $counters->add('alternum_operations_total{became="'.(null === $result->refused ? 'made' : 'refused').'"}');
        }

        return PlanResponse::opened(
            Ulid::fromString($id),
            $saved->stored,
            $saved->answer,
            $piece,
            known: $request->query->getString('known'),
            more: ['says' => $saved->stored->says, 'results' => array_map(static fn (Result $result): array => $result->values(), $saved->results)],
        );
    }

    /** What a workshop file kept of it, behind a plan that was just laid on the shelf. */
    #[Route('/{id}/kept', methods: 'POST')]
    #[Needs(Role::Edit)]
    public function kept(#[CurrentUser] WorkshopUser $user, string $id, Request $request, BringingIn $bringing): Response
    {
        $bringing->kept($user->workshop, $id, $request->getContent());

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /** Which revision is saved, for a window that has been idle. */
    #[Route('/{id}/revision', methods: 'GET')]
    public function revision(#[CurrentUser] WorkshopUser $user, string $id): Response
    {
        $stored = $this->plans->state($user->workshop, $id);

        return new JsonResponse(['revision' => $stored->revision, 'savedAt' => PlanResponse::time($stored->savedAt)]);
    }

    #[Route('/{id}', methods: 'DELETE')]
    #[Needs(Role::Edit)]
    public function remove(
        #[CurrentUser] WorkshopUser $user,
        string $id,
        EntityManagerInterface $entities,
        ClockInterface $clock,
    ): Response {
        $plan = $this->plans->get($user->workshop, $id);
        if ($plan->isRemoved()) {
            throw new NotFoundHttpException();
        }
        $plan->remove($clock->now());
        $entities->flush();

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    #[Route('/{id}/restore', methods: 'POST')]
    #[Needs(Role::Edit)]
    public function restore(#[CurrentUser] WorkshopUser $user, string $id, EntityManagerInterface $entities): Response
    {
        $this->plans->get($user->workshop, $id)->restore();
        $entities->flush();

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    #[Route('/{id}/archive', methods: 'POST')]
    #[Needs(Role::Edit)]
    public function archive(#[CurrentUser] WorkshopUser $user, string $id, EntityManagerInterface $entities, ClockInterface $clock): Response
    {
        return $this->archived($user, $id, $clock->now(), $entities);
    }

    #[Route('/{id}/unarchive', methods: 'POST')]
    #[Needs(Role::Edit)]
    public function unarchive(#[CurrentUser] WorkshopUser $user, string $id, EntityManagerInterface $entities): Response
    {
        return $this->archived($user, $id, null, $entities);
    }

    private function archived(WorkshopUser $user, string $id, ?\DateTimeImmutable $at, EntityManagerInterface $entities): Response
    {
        $plan = $this->plans->get($user->workshop, $id);
        if ($plan->isRemoved()) {
            throw new NotFoundHttpException();
        }
        $plan->archive($at);
        $entities->flush();

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    #[Route('/{id}/as/{format}', methods: 'GET')]
    #[Heavy]
    public function export(#[CurrentUser] WorkshopUser $user, string $id, string $format, Request $request): Response
    {
        $plan = PlanReader::json($this->plans->state($user->workshop, $id)->body);
        $export = Exports::named($format);
        $terms = Terms::tryFrom($request->query->getString('terms', $plan->terms->value));
        if (null === $export) {
            return ProblemResponse::of(Response::HTTP_BAD_REQUEST, 'This format is not known.', 'Ask for one of: '.implode(', ', Exports::words()).'.');
        }
        if (null === $terms) {
            return ProblemResponse::of(Response::HTTP_BAD_REQUEST, 'These words are not known.', 'Ask for us or uk.');
        }
        $written = $export::write($plan, $terms, 'each' !== $request->query->getString('copies'));

        return PlanResponse::download($written, $plan->title, $export::ending(), $export::mediaType());
    }
}
