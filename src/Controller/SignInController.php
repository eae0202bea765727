<?php

declare(strict_types=1);

namespace Alternum\Server\Controller;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Message;
use Alternum\Server\Account\Entrance;
use Alternum\Server\Account\Offered;
use Alternum\Server\Account\Passwords;
use Alternum\Server\Account\People;
use Alternum\Server\Account\RecoveryCodes;
use Alternum\Server\Account\Tries;
use Alternum\Server\Entity\Person;
use Alternum\Server\Entity\Workshop;
use Alternum\Server\Http\ProblemResponse;
use Alternum\Server\Repository\Browsers;
use Alternum\Server\Security\LetIn;
use Alternum\Server\Security\Needs;
use Alternum\Server\Security\Role;
use Alternum\Server\Security\WorkshopCookie;
use Alternum\Server\Security\WorkshopUser;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Accounts from outside: one is begun, signed in to, or come back to with a recovery code. */
#[Route('/api/account')]
#[Offered]
final readonly class SignInController
{
    public function __construct(
        private EntityManagerInterface $entities,
        private People $people,
        private Passwords $passwords,
        private RecoveryCodes $codes,
        private Tries $tries,
        private Browsers $browsers,
        private Entrance $entrance,
        private ClockInterface $clock,
    ) {
    }

    /** Begins one: whoever uses this browser has from now on what it has open. */
    #[Route('', methods: 'POST')]
    #[Needs(Role::Read)]
    public function begin(#[CurrentUser] WorkshopUser $user, Request $request): Response
    {
        $fields = Fields::of(Json::decode($request->getContent(), 'account'));
        $name = self::name($fields);
        $password = $fields->text('password', Passwords::MOST * 4);
        $fields->done();
        $refusal = $this->tries->refuse($name, $request);
        if (null !== $refusal) {
            return $refusal;
        }
        if (null !== $user->person) {
            return ProblemResponse::of(Response::HTTP_CONFLICT, 'Somebody is signed in here already.', 'Sign out first.');
        }
        $isTaken = InvalidFields::because('name', Message::said('There is somebody of this name here already.', 'Take another name. If it is you, sign in.'));
        if (null !== $this->people->named($name)) {
            throw $isTaken;
        }
        $person = new Person($name, $this->clock->now());
        Passwords::hold($name, $password, 'password');
        $this->passwords->give($person, $password);
        try {
            $codes = $this->entities->wrapInTransaction(function () use ($person): array {
                $this->entities->persist($person);
                $this->entities->flush();

                return $this->codes->replace($person);
            });
        } catch (UniqueConstraintViolationException) {
            throw $isTaken;
        }
        $workshop = $this->entities->find(Workshop::class, $user->workshop) ?? throw new NotFoundHttpException();
        $response = new JsonResponse(['codes' => $codes], Response::HTTP_CREATED);
        $response->headers->setCookie($this->entrance->open(new LetIn($workshop, $user->role, $person), $request, $user));

        return $response;
    }

    #[Route('/sign-in', methods: 'POST')]
    public function signIn(#[CurrentUser] ?WorkshopUser $user, Request $request): Response
    {
        $fields = Fields::of(Json::decode($request->getContent(), 'account'));
        $name = self::name($fields);
        $password = $fields->text('password', Passwords::MOST * 4);
        $keeps = $fields->has('keeps') && $fields->truth('keeps');
        $fields->done();
        [$person, $name, $refusal] = $this->meant($name, $request);
        if (null !== $refusal) {
            return $refusal;
        }
        if (!$this->passwords->isRight($person, $password) || null === $person) {
            return ProblemResponse::of(
                Response::HTTP_FORBIDDEN,
                'This name and this password do not belong together.',
                'Try again, or choose another password with one of your recovery codes.',
            );
        }
        $this->tries->wasRight($name, $request);

        return WorkshopCookie::answer($this->entities->wrapInTransaction(function () use ($person, $request, $user, $keeps): Cookie {
            $cookie = $this->entrance->signIn($person, $request, $user);
            if ($keeps && null !== $user) {
                $this->entrance->keep($user, $person);
            }

            return $cookie;
        }));
    }

    /** Another password by a recovery code; who knew the one before is signed out everywhere. */
    #[Route('/recover', methods: 'POST')]
    public function recover(#[CurrentUser] ?WorkshopUser $user, Request $request): Response
    {
        $fields = Fields::of(Json::decode($request->getContent(), 'account'));
        $name = self::name($fields);
        $code = $fields->text('code', 200);
        $password = $fields->text('password', Passwords::MOST * 4);
        $fields->done();
        [$person, $name, $refusal] = $this->meant($name, $request);
        if (null !== $refusal) {
            return $refusal;
        }
        // What is wrong with the new password is said before the code is used up, and whether or not there is such a name.
        Passwords::hold($name, $password, 'password');
        $isRight = null !== $person && $this->entities->wrapInTransaction(function () use ($person, $code, $password): bool {
            $isRight = $this->codes->use($person, $code);
            if ($isRight) {
                $this->passwords->give($person, $password);
            }

            return $isRight;
        });
        if (!$isRight || null === $person) {
            return ProblemResponse::of(
                Response::HTTP_FORBIDDEN,
                'This name and this code do not belong together.',
                'Each code works once. Try another one of them.',
            );
        }
        $this->tries->wasRight($name, $request);
        $this->browsers->signOutPerson($person, null, null);

        return WorkshopCookie::answer($this->entrance->signIn($person, $request, null));
    }

    /** @throws InvalidFields where nothing is in it but what is not seen */
    private static function name(Fields $fields): string
    {
        $name = trim($fields->line('name', Person::NAME));
        if (1 !== preg_match('/[\p{L}\p{N}]/u', $name)) {
            $fields->wrong('name', Message::said('This is no name.', 'Take a word, or two, that others know you by.'));
        }

        return $name;
    }

    /** @return array{Person|null, string, Response|null} who is meant, the name that tries are counted by, and what refuses one more */
    private function meant(string $said, Request $request): array
    {
        $person = $this->people->named($said);
        // However it was written: the database holds more alike than capitals and small letters.
        $name = $person?->name() ?? $said;

        return [$person, $name, $this->tries->refuse($name, $request)];
    }
}
