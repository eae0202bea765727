<?php

declare(strict_types=1);

namespace Alternum\Server\Controller;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\Choice;
use Alternum\Core\Edit\Edit;
use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\PieceChoices;
use Alternum\Core\Exchange\AnalysisWriter;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\StillPicture;
use Alternum\Core\Exchange\StillWriter;
use Alternum\Core\Exchange\WhatIsNeeded;
use Alternum\Core\Exchange\WholeToyWriter;
use Alternum\Core\Notation\Remembered;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Yarn;
use Alternum\Core\Words\MessageWords;
use Alternum\Server\Http\Heavy;
use Alternum\Server\Repository\SavedPlans;
use Alternum\Server\Security\Needs;
use Alternum\Server\Security\Role;
use Alternum\Server\Security\WorkshopUser;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The whole toy, as last saved and as it would be: only when it is looked at. Nothing is saved. */
#[Route('/api/plans/{id}')]
final readonly class ToyController
{
    public function __construct(private SavedPlans $plans)
    {
    }

    /** The whole toy: all pieces where they are on it. */
    #[Route('/toy', methods: 'GET')]
    #[Heavy]
    public function toy(#[CurrentUser] WorkshopUser $user, string $id): Response
    {
        $stored = $this->plans->state($user->workshop, $id);

        return new JsonResponse(['revision' => $stored->revision] + WholeToyWriter::values(Analysis::of(PlanReader::json($stored->body))));
    }

    /** The whole toy as it would be once an edit were made. */
    #[Route('/toy', methods: 'POST')]
    #[Heavy]
    #[Needs(Role::Read)]
    public function toyTried(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $stored = $this->plans->state($user->workshop, $id);
        $plan = self::tried($request)->apply(PlanReader::json($stored->body));

        return new JsonResponse([
            'revision' => $stored->revision,
            'yarns' => array_map(static fn (Yarn $yarn): array => $yarn->values(), $plan->yarns),
            'shown' => array_map(AnalysisWriter::shown(...), $plan->yarns),
        ] + WholeToyWriter::values(Analysis::of($plan)));
    }

    /** The whole toy, or a piece alone, as a picture from one side: for the shelf, and where a browser draws nothing in the round. */
    #[Route('/still', methods: 'GET')]
    #[Heavy]
    public function still(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $body = $this->plans->state($user->workshop, $id)->body;
        $key = $request->query->has('piece') ? $request->query->getString('piece') : null;
        [$turned, $tipped] = [$request->query->getInt('turned'), $request->query->getInt('tipped', (int) StillWriter::TIPPED)];
        // The same plan looks the same, whoever has it.
        $draw = static function () use ($body, $key, $turned, $tipped): StillPicture {
            $analysis = Analysis::of(PlanReader::json($body));
            if (null !== $key && null === $analysis->piece($key)) {
                throw new NotFoundHttpException();
            }

            return StillPicture::of(StillWriter::svg($analysis, $key, (float) $turned, (float) $tipped));
        };
        $picture = Remembered::of(StillPicture::class, hash('xxh128', $body)." {$key} {$turned} {$tipped}", $draw);

        return new Response($picture->svg(), headers: ['Content-Type' => 'image/svg+xml']);
    }

    /** What could be otherwise on a piece, to be looked at beside what is. */
    #[Route('/choices', methods: 'GET')]
    #[Heavy]
    public function choices(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $plan = $this->plan($user, $id);
        $piece = Analysis::of($plan)->piece($request->query->getString('piece')) ?? throw new NotFoundHttpException();

        return new JsonResponse(['choices' => array_map(
            static fn (Choice $choice): array => [
                'about' => MessageWords::says($choice->about),
                'label' => MessageWords::says($choice->label),
                'edit' => $choice->edit,
                'turned' => $choice->turned,
            ],
            PieceChoices::of($plan, $piece),
        )]);
    }

    /** What the plan needs, and what it would need once an edit were made. */
    #[Route('/needed', methods: 'POST')]
    #[Heavy]
    #[Needs(Role::Read)]
    public function compared(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $plan = $this->plan($user, $id);
        $needs = static fn (Plan $of): array => (new WhatIsNeeded(Analysis::of($of), $of->terms))->values();

        return new JsonResponse(['now' => $needs($plan), 'after' => $needs(self::tried($request)->apply($plan))]);
    }

    private static function tried(Request $request): Edit
    {
        $fields = Fields::of(Json::decode($request->getContent(), 'edit', Json::MESSAGE_BYTES));
        $edit = EditKinds::read($fields->raw('edit'), 'edit');
        $fields->done();

        return $edit;
    }

    private function plan(WorkshopUser $user, string $id): Plan
    {
        return PlanReader::json($this->plans->state($user->workshop, $id)->body);
    }
}
