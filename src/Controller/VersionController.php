<?php

declare(strict_types=1);

namespace Alternum\Server\Controller;

use Alternum\Core\Exchange\PlanAnswer;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Server\Http\PlanResponse;
use Alternum\Server\Repository\PlanVersions;
use Alternum\Server\Repository\SavedPlans;
use Alternum\Server\Security\WorkshopUser;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Ulid;

/** What a plan was. It is taken back by an operation like any other. */
#[Route('/api/plans/{id}/versions')]
final readonly class VersionController
{
    public function __construct(private SavedPlans $plans, private PlanVersions $versions)
    {
    }

    #[Route('', methods: 'GET')]
    public function listed(#[CurrentUser] WorkshopUser $user, string $id): Response
    {
        $stored = $this->plans->state($user->workshop, $id);
        $now = ['number' => $stored->revision, 'savedAt' => $stored->savedAt, 'says' => $stored->says];

        return new JsonResponse(['versions' => array_map(
            static fn (array $version): array => ['savedAt' => PlanResponse::time($version['savedAt'])] + $version,
            [$now, ...$this->versions->listed(Ulid::fromString($id))],
        )]);
    }

    #[Route('/{number}', requirements: ['number' => '\d{1,9}'], methods: 'GET')]
    public function version(#[CurrentUser] WorkshopUser $user, string $id, int $number, Request $request): Response
    {
        $stored = $this->plans->state($user->workshop, $id);
        $body = $number === $stored->revision ? $stored->body : $this->versions->numberedBody(Ulid::fromString($id), $number);
        $plan = PlanReader::json($body ?? throw new NotFoundHttpException());

        $piece = $request->query->getString('piece');

        return PlanResponse::opened(Ulid::fromString($id), $stored, PlanAnswer::of($plan, $piece), $piece);
    }
}
