<?php

declare(strict_types=1);

namespace Alternum\Server\Controller;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Server\Account\Entrance;
use Alternum\Server\Account\Members;
use Alternum\Server\Account\Offered;
use Alternum\Server\Account\Passwords;
use Alternum\Server\Account\People;
use Alternum\Server\Account\RecoveryCodes;
use Alternum\Server\Account\Tries;
use Alternum\Server\Entity\Member;
use Alternum\Server\Entity\Person;
use Alternum\Server\Entity\Workshop;
use Alternum\Server\Http\ProblemResponse;
use Alternum\Server\Repository\Browsers;
use Alternum\Server\Security\LetIn;
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

/** The account of whoever is signed in: what it is made of, where it leads, its end. */
#[Route('/api/account')]
#[Offered]
final readonly class AccountController
{
    public function __construct(
        private EntityManagerInterface $entities,
        private People $people,
        private Members $members,
        private Passwords $passwords,
        private RecoveryCodes $codes,
        private Tries $tries,
        private Browsers $browsers,
        private Entrance $entrance,
    ) {
    }

    #[Route('/password', methods: 'PUT')]
    #[Needs(Role::Read)]
    public function changePassword(#[CurrentUser] WorkshopUser $user, Request $request): Response
    {
        $fields = Fields::of(Json::decode($request->getContent(), 'account'));
        $password = $fields->text('password', Passwords::MOST * 4);
        $other = $fields->text('other', Passwords::MOST * 4);
        $fields->done();
        $person = $this->signedIn($user);
        $refusal = $this->refuse($person, $password, $request);
        if (null !== $refusal) {
            return $refusal;
        }
        Passwords::hold($person->name(), $other, 'other');
        $this->passwords->give($person, $other);
        $this->entities->flush();
        $this->browsers->signOutPerson($person, null, $user->browser);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /** Recovery codes in place of those before. They are said this once. */
    #[Route('/codes', methods: 'POST')]
    #[Needs(Role::Read)]
    public function replaceCodes(#[CurrentUser] WorkshopUser $user, Request $request): Response
    {
        $person = $this->signedIn($user);
        $refusal = $this->refuse($person, self::password($request), $request);
        if (null !== $refusal) {
            return $refusal;
        }
        $codes = $this->entities->wrapInTransaction(fn (): array => $this->codes->replace($person));

        return new JsonResponse(['codes' => $codes], Response::HTTP_CREATED);
    }

    /** Out of this browser. */
    #[Route('/sign-out', methods: 'POST')]
    #[Needs(Role::Read)]
    public function signOut(#[CurrentUser] WorkshopUser $user, Request $request, WorkshopCookie $cookie): Response
    {
        $this->signedIn($user);
        $browser = null === $user->browser ? null : $this->browsers->find($user->browser);
        $this->browsers->signOut(...null === $browser ? [] : [$browser]);

        return WorkshopCookie::answer($cookie->none($request->isSecure()));
    }

    /** Opens another workshop, in which whoever is signed in has a part. */
    #[Route('/workshops/{id}/open', methods: 'POST')]
    #[Needs(Role::Read)]
    public function openWorkshop(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $member = null !== $user->person && Ulid::isValid($id) ? $this->members->of(Ulid::fromString($id), $user->person) : null;
        if (null === $member) {
            throw new NotFoundHttpException();
        }

        return WorkshopCookie::answer($this->entrance->open(new LetIn($member->workshop(), $member->role()), $request, $user));
    }

    /** Ends the account. What lies in workshops stays there; this browser keeps what it has open, if it is held by nobody else. */
    #[Route('/erase', methods: 'POST')]
    #[Needs(Role::Read)]
    public function erase(#[CurrentUser] WorkshopUser $user, Request $request, WorkshopCookie $cookie): Response
    {
        $person = $this->signedIn($user);
        $refusal = $this->refuse($person, self::password($request), $request);
        if (null !== $refusal) {
            return $refusal;
        }
        $parts = $this->members->with($person->id());
        $alone = array_filter($parts, fn (Member $part): bool => $this->members->isLastHolder($part));
        if ([] !== array_filter($alone, static fn (Member $part): bool => !$part->workshop()->id()->equals($user->workshop))) {
            return ProblemResponse::of(
                Response::HTTP_CONFLICT,
                'You are the only one who holds another workshop: without you nobody could open it.',
                'Open it, and erase it or let somebody else hold it. Then do this again.',
            );
        }
        $browser = null === $user->browser ? null : $this->browsers->find($user->browser);
        $stays = [] !== $alone && null !== $browser;
        if ($stays) {
            $browser->heldBy(null, Role::Hold);
            $this->entities->flush();
            $this->browsers->forget($browser);
        }
        $this->browsers->signOutPerson($person, null, null);
        $this->entities->remove($person);
        $this->entities->flush();

        return $stays ? new Response(null, Response::HTTP_NO_CONTENT) : WorkshopCookie::answer($cookie->none($request->isSecure()));
    }

    private function signedIn(WorkshopUser $user): Person
    {
        return (null === $user->person ? null : $this->people->find($user->person)) ?? throw new NotFoundHttpException();
    }

    /** What is answered instead, where this is not their password. */
    private function refuse(Person $person, #[\SensitiveParameter] string $password, Request $request): ?Response
    {
        $refusal = $this->tries->refuse($person->name(), $request);
        if (null !== $refusal) {
            return $refusal;
        }
        if (!$this->passwords->isRight($person, $password)) {
            return ProblemResponse::of(Response::HTTP_FORBIDDEN, 'This is not your password.', 'Write the one that you sign in with.');
        }
        $this->tries->wasRight($person->name(), $request);

        return null;
    }

    private static function password(Request $request): string
    {
        $fields = Fields::of(Json::decode($request->getContent(), 'account'));
        $password = $fields->text('password', Passwords::MOST * 4);
        $fields->done();

        return $password;
    }
}
