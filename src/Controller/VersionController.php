<?php

declare(strict_types=1);

namespace Alternum\Server\Controller;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Server\Entity\Workshop;
use Alternum\Server\Http\PlanResponse;
use Alternum\Server\Repository\PlanVersions;
use Alternum\Server\Repository\SavedPlans;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** What a plan was. It is taken back by an operation like any other. */
#[Route('/api/plans/{id}/versions')]
final readonly class VersionController
{
    public function __construct(private SavedPlans $plans, private PlanVersions $versions)
    {
    }

    #[Route('', methods: 'GET')]
    public function listed(#[CurrentUser] Workshop $workshop, string $id): Response
    {
        $saved = $this->plans->get($workshop, $id);
        $now = ['number' => $saved->revision(), 'savedAt' => $saved->savedAt(), 'says' => $saved->says()];

        return new JsonResponse(['versions' => array_map(
            static fn (array $version): array => ['savedAt' => PlanResponse::time($version['savedAt'])] + $version,
            [$now, ...$this->versions->listed($saved)],
        )]);
    }

    #[Route('/{number}', requirements: ['number' => '\d{1,9}'], methods: 'GET')]
    public function version(#[CurrentUser] Workshop $workshop, string $id, int $number): Response
    {
        $saved = $this->plans->get($workshop, $id);
        $body = $number === $saved->revision() ? $saved->body() : $this->versions->numbered($saved, $number)?->body();
        $plan = PlanReader::json($body ?? throw new NotFoundHttpException());

        return PlanResponse::opened($saved, $plan, Analysis::of($plan));
    }
}
