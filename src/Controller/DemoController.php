<?php

declare(strict_types=1);

namespace Alternum\Server\Controller;

use Alternum\Server\Http\PlanResponse;
use Alternum\Server\Security\Needs;
use Alternum\Server\Security\Role;
use Alternum\Server\Security\WorkshopUser;
use Alternum\Server\Shelf\DemoPlans;
use Alternum\Server\Shelf\PlanStore;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The toys that a new workshop opens with: one that was taken off the shelf, or changed, can be had again. */
#[Route('/api/demos')]
final readonly class DemoController
{
    public function __construct(private DemoPlans $demos)
    {
    }

    #[Route('', methods: 'GET')]
    public function all(): Response
    {
        return new JsonResponse(['demos' => $this->demos->all()]);
    }

    #[Route('/{name}', requirements: ['name' => '[a-z-]{1,60}'], methods: 'POST')]
    #[Needs(Role::Edit)]
    public function layOut(#[CurrentUser] WorkshopUser $user, string $name, PlanStore $store): Response
    {
        $plan = $this->demos->named($name) ?? throw new NotFoundHttpException();

        return PlanResponse::begun($store->another($user->workshop, $plan));
    }
}
