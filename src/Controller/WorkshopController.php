<?php

declare(strict_types=1);

namespace Alternum\Server\Controller;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Server\Account\Entrance;
use Alternum\Server\Account\Overview;
use Alternum\Server\Entity\Browser;
use Alternum\Server\Entity\Workshop;
use Alternum\Server\Http\PlanResponse;
use Alternum\Server\Http\ProblemResponse;
use Alternum\Server\Repository\Browsers;
use Alternum\Server\Security\Needs;
use Alternum\Server\Security\Role;
use Alternum\Server\Security\WorkshopCookie;
use Alternum\Server\Security\WorkshopKey;
use Alternum\Server\Security\WorkshopUser;
use Alternum\Server\Shelf\WorkshopFile;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Ulid;

/** A workshop as a whole: its key for another browser, the browsers that have it open, and all of it as one file. */
#[Route('/api/workshop')]
final readonly class WorkshopController
{
    public function __construct(private EntityManagerInterface $entities, private WorkshopKey $key, private Browsers $browsers)
    {
    }

    #[Route('', methods: 'GET')]
    public function about(#[CurrentUser] WorkshopUser $user, Overview $accounts): Response
    {
        $workshop = $this->workshop($user);

        return new JsonResponse([
            'hasKey' => $workshop->hasKey(),
            'keyOpensOnce' => $workshop->keyOpensOnce(),
            'may' => $user->role->value,
            'accounts' => $accounts->of($user),
            'browsers' => array_map(static fn (Browser $browser): array => [
                'id' => $browser->id()->toBase32(),
                'name' => $browser->name(),
                'seenAt' => PlanResponse::time($browser->seenAt()),
                'isThis' => true === $user->browser?->equals($browser->id()),
                'role' => $browser->role()->value,
                'person' => $browser->person()?->name(),
            ], $this->browsers->of($user)),
        ]);
    }

    /** All of it, for good: plans with their versions, what is made of them, yarn, keys, and the browsers that had it open. */
    #[Route('', methods: 'DELETE')]
    #[Needs(Role::Hold)]
    public function erase(#[CurrentUser] WorkshopUser $user, Request $request, WorkshopCookie $cookie): Response
    {
        $workshop = $this->workshop($user);
        $this->browsers->signOutAll($workshop);
        // What lies in it goes with its row: each of those tables says so.
        $this->entities->remove($workshop);
        $this->entities->flush();

        return WorkshopCookie::answer($cookie->none($request->isSecure()));
    }

    /** A key in place of the one before. It is said this once. */
    #[Route('/key', methods: 'POST')]
    #[Needs(Role::Hold)]
    public function replaceKey(#[CurrentUser] WorkshopUser $user, Request $request): Response
    {
        $fields = Fields::of('' === $request->getContent() ? [] : Json::decode($request->getContent(), 'key'));
        $opensOnce = $fields->has('opensOnce') && $fields->truth('opensOnce');
        $fields->done();
        $secret = $this->key->replace($this->workshop($user), $opensOnce);
        $this->entities->flush();

        return new JsonResponse(['secret' => $secret], Response::HTTP_CREATED);
    }

    /** A pass for a device that stands beside: it opens once, and soon. */
    #[Route('/pass', methods: 'POST')]
    #[Needs(Role::Read)]
    public function pass(#[CurrentUser] WorkshopUser $user): Response
    {
        [$secret, $endsAt] = $this->key->pass($this->workshop($user), $user->browser);
        $this->entities->flush();

        return new JsonResponse(['secret' => $secret, 'endsAt' => PlanResponse::time($endsAt)], Response::HTTP_CREATED);
    }

    #[Route('/key', methods: 'DELETE')]
    #[Needs(Role::Hold)]
    public function endKey(#[CurrentUser] WorkshopUser $user): Response
    {
        $this->workshop($user)->replaceKey(null);
        $this->entities->flush();

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /** Signs out all browsers but this one. */
    #[Route('/browsers', methods: 'DELETE')]
    #[Needs(Role::Read)]
    public function signOutOthers(#[CurrentUser] WorkshopUser $user, Request $request, WorkshopCookie $cookie): Response
    {
        $workshop = $this->workshop($user);
        $this->browsers->signOutOthers($workshop, $user);
        $response = new Response(null, Response::HTTP_NO_CONTENT);
        if (null === $user->browser) {
            // Its own cookie is one of those that open nothing from now on.
            $response->headers->setCookie($cookie->of($this->browsers->seen($workshop, null, $request), $request->isSecure()));
            $this->entities->flush();
        }

        return $response;
    }

    #[Route('/browsers/{id}', methods: 'DELETE')]
    #[Needs(Role::Read)]
    public function signOut(#[CurrentUser] WorkshopUser $user, string $id): Response
    {
        $browser = Ulid::isValid($id) ? $this->browsers->find(Ulid::fromString($id)) : null;
        if (null === $browser || !\in_array($browser, $this->browsers->of($user), true)) {
            throw new NotFoundHttpException();
        }
        $this->browsers->signOut($browser);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /** Opens the workshop of a key, a pass or an invitation in this browser. */
    #[Route('/open', methods: 'POST')]
    public function open(
        #[CurrentUser] ?WorkshopUser $user,
        Request $request,
        Entrance $entrance,
        #[Autowire(service: 'limiter.open_workshop')] RateLimiterFactory $limiter,
    ): Response {
        $limit = $limiter->create($request->getClientIp())->consume();
        if (!$limit->isAccepted()) {
            return ProblemResponse::tooMany('Too many keys were tried from here.', $limit);
        }
        $fields = Fields::of(Json::decode($request->getContent(), 'key'));
        $secret = $fields->text('secret', 200);
        $fields->done();
        // What opens once is used up only where it opened.
        $opened = $this->entities->wrapInTransaction(function () use ($secret, $entrance, $request, $user): ?Cookie {
            $letIn = $this->key->open($secret);

            return null === $letIn ? null : $entrance->open($letIn, $request, $user);
        });
        if (null === $opened) {
            return ProblemResponse::of(Response::HTTP_FORBIDDEN, 'This link opens no workshop.', 'It may have been replaced or used, or is not whole.');
        }

        return WorkshopCookie::answer($opened);
    }

    /** All of it as one file. */
    #[Route('/file', methods: 'GET')]
    public function file(#[CurrentUser] WorkshopUser $user, WorkshopFile $file): Response
    {
        $response = new StreamedResponse(static function () use ($file, $user): void {
            foreach ($file->parts($user->workshop) as $part) {
                echo $part;
                flush();
            }
        });
        $response->headers->set('Content-Type', 'application/json');
        $response->headers->set('Content-Disposition', HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, 'alternum-workshop.json'));

        return $response;
    }

    private function workshop(WorkshopUser $user): Workshop
    {
        return $this->entities->find(Workshop::class, $user->workshop) ?? throw new NotFoundHttpException();
    }
}
