<?php

declare(strict_types=1);

namespace Alternum\Server\Controller;

use Alternum\Core\Edit\Usual;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\WeightCategory;
use Alternum\Server\Entity\Workshop;
use Alternum\Server\Entity\YarnAtHand;
use Alternum\Server\Http\PlanResponse;
use Alternum\Server\Repository\SavedPlans;
use Alternum\Server\Repository\YarnsAtHand;
use Alternum\Server\Security\Needs;
use Alternum\Server\Security\Role;
use Alternum\Server\Security\WorkshopUser;
use Alternum\Server\Shelf\Quota;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** What lies on the shelf: plans and yarn. */
#[Route('/api')]
final readonly class ShelfController
{
    public function __construct(private SavedPlans $plans, private YarnsAtHand $yarns, private EntityManagerInterface $entities)
    {
    }

    /** Almost nothing, from the same server: what bin/bench holds an edit against. */
    #[Route('/ping', methods: 'GET')]
    public function ping(): Response
    {
        return new JsonResponse(['ok' => true]);
    }

    #[Route('/shelf', methods: 'GET')]
    public function shelf(#[CurrentUser] WorkshopUser $user): Response
    {
        return new JsonResponse([
            'plans' => array_map(static fn (array $plan): array => [
                'id' => $plan['id']->toBase32(),
                'title' => $plan['title'],
                'revision' => $plan['revision'],
                'savedAt' => PlanResponse::time($plan['savedAt']),
                'archived' => 1 === (int) $plan['archived'],
                'summary' => $plan['summary'],
            ], $this->plans->onShelf($user->workshop)),
            'usual' => Usual::plan()->values(),
            'yarns' => array_map(static fn (YarnAtHand $yarn): array => $yarn->values(), $this->yarns->onShelf($user->workshop)),
        ]);
    }

    #[Route('/yarns', methods: 'POST')]
    #[Needs(Role::Edit)]
    public function addYarn(#[CurrentUser] WorkshopUser $user, Request $request, Quota $quota): Response
    {
        $quota->anotherYarn($user->workshop);
        $yarn = new YarnAtHand($this->entities->getReference(Workshop::class, $user->workshop) ?? throw new NotFoundHttpException());
        self::describe($yarn, $request->getContent());
        $this->entities->persist($yarn);
        $this->entities->flush();

        return new JsonResponse($yarn->values(), Response::HTTP_CREATED);
    }

    #[Route('/yarns/{id}', methods: 'PUT')]
    #[Needs(Role::Edit)]
    public function changeYarn(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $yarn = $this->yarns->ofWorkshop($user->workshop, $id) ?? throw new NotFoundHttpException();
        self::describe($yarn, $request->getContent());
        $this->entities->flush();

        return new JsonResponse($yarn->values());
    }

    #[Route('/yarns/{id}', methods: 'DELETE')]
    #[Needs(Role::Edit)]
    public function removeYarn(#[CurrentUser] WorkshopUser $user, string $id): Response
    {
        $this->entities->remove($this->yarns->ofWorkshop($user->workshop, $id) ?? throw new NotFoundHttpException());
        $this->entities->flush();

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    private static function describe(YarnAtHand $yarn, string $json): void
    {
        $fields = Fields::of(Json::decode($json, 'yarn'));
        $name = $fields->text('name', Limits::NAME);
        $hex = $fields->text('hex', 7, '/^#[0-9A-Fa-f]{6}$/D', Message::of('field.hex'));
        $weight = $fields->oneOf('weight', WeightCategory::class);
        $metres = $fields->number('metresPer100g', 1, 5000);
        $grams = $fields->number('grams', 0, 100000);
        $fields->done();
        $yarn->describe($name, $hex, $weight, $metres, $grams);
    }
}
