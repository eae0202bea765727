<?php

declare(strict_types=1);

namespace Alternum\Server\Controller;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Server\Account\Invitations;
use Alternum\Server\Account\Members;
use Alternum\Server\Account\Offered;
use Alternum\Server\Entity\Member;
use Alternum\Server\Entity\Workshop;
use Alternum\Server\Http\PlanResponse;
use Alternum\Server\Http\ProblemResponse;
use Alternum\Server\Repository\Browsers;
use Alternum\Server\Security\Needs;
use Alternum\Server\Security\Role;
use Alternum\Server\Security\WorkshopCookie;
use Alternum\Server\Security\WorkshopUser;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Ulid;

/** Who has a part in a workshop, and who is asked to. */
#[Route('/api/workshop')]
#[Offered]
final readonly class PeopleController
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Members $members,
        private Invitations $invitations,
        private Browsers $browsers,
    ) {
    }

    /** A link that lets one browser, or whoever is signed in there, into the workshop. It is said this once. */
    #[Route('/invitations', methods: 'POST')]
    #[Needs(Role::Hold)]
    public function invite(#[CurrentUser] WorkshopUser $user, Request $request): Response
    {
        $fields = Fields::of(Json::decode($request->getContent(), 'invitation'));
        $role = $fields->oneOf('role', Role::class);
        $fields->done();
        $workshop = $this->entities->find(Workshop::class, $user->workshop) ?? throw new NotFoundHttpException();
        [$invitation, $secret] = $this->invitations->make($workshop, $role);
        $this->entities->flush();

        return new JsonResponse(['secret' => $secret, 'endsAt' => PlanResponse::time($invitation->endsAt())], Response::HTTP_CREATED);
    }

    #[Route('/invitations/{id}', methods: 'DELETE')]
    #[Needs(Role::Hold)]
    public function endInvitation(#[CurrentUser] WorkshopUser $user, string $id): Response
    {
        $invitation = Ulid::isValid($id) ? $this->invitations->find(Ulid::fromString($id)) : null;
        if (true !== $invitation?->workshop()->id()->equals($user->workshop)) {
            throw new NotFoundHttpException();
        }
        $this->entities->remove($invitation);
        $this->entities->flush();

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /** What somebody may do from now on. */
    #[Route('/people/{id}', methods: 'PUT')]
    #[Needs(Role::Hold)]
    public function allow(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $member = $this->member($user, $id);
        $fields = Fields::of(Json::decode($request->getContent(), 'person'));
        $role = $fields->oneOf('role', Role::class);
        $fields->done();
        if (Role::Hold !== $role && $this->members->isLastHolder($member)) {
            return self::holdsAlone();
        }
        $member->allow($role);
        $this->entities->flush();
        $this->browsers->allow($member->person(), $member->workshop(), $role);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /** Takes somebody out of the workshop; everybody may go themselves. */
    #[Route('/people/{id}', methods: 'DELETE')]
    #[Needs(Role::Read)]
    public function takeOut(#[CurrentUser] WorkshopUser $user, string $id, Request $request, WorkshopCookie $cookie): Response
    {
        $member = $this->member($user, $id);
        $isSelf = true === $user->person?->equals($member->person()->id());
        if (!$isSelf && Role::Hold !== $user->role) {
            throw new NotFoundHttpException();
        }
        if ($this->members->isLastHolder($member)) {
            return self::holdsAlone();
        }
        $this->entities->remove($member);
        $this->entities->flush();
        $this->browsers->signOutPerson($member->person(), $member->workshop(), null);

        return $isSelf ? WorkshopCookie::answer($cookie->none($request->isSecure())) : new Response(null, Response::HTTP_NO_CONTENT);
    }

    private function member(WorkshopUser $user, string $id): Member
    {
        return (Ulid::isValid($id) ? $this->members->of($user->workshop, Ulid::fromString($id)) : null) ?? throw new NotFoundHttpException();
    }

    private static function holdsAlone(): Response
    {
        return ProblemResponse::of(
            Response::HTTP_CONFLICT,
            'Nobody else of this workshop’s people holds it.',
            'Let somebody else hold it first; or erase the workshop, if nobody needs it.',
        );
    }
}
