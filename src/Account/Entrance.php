<?php

declare(strict_types=1);

namespace Alternum\Server\Account;

use Alternum\Server\Entity\Browser;
use Alternum\Server\Entity\Person;
use Alternum\Server\Entity\Workshop;
use Alternum\Server\Repository\Browsers;
use Alternum\Server\Security\LetIn;
use Alternum\Server\Security\Role;
use Alternum\Server\Security\WorkshopCookie;
use Alternum\Server\Security\WorkshopUser;
use Alternum\Server\Shelf\DemoPlans;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;

/** Where a browser comes into a workshop: by a link, or as somebody who has a part in it. */
final readonly class Entrance
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Browsers $browsers,
        private Members $members,
        private WorkshopCookie $cookie,
        private DemoPlans $demo,
        private ClockInterface $clock,
    ) {
    }

    /**
     * Opens a workshop in the browser that asks, and lets whoever is signed in there have a part in it.
     *
     * @param WorkshopUser|null $from what is open there
     */
    public function open(LetIn $in, Request $request, ?WorkshopUser $from): Cookie
    {
        $person = $in->person ?? (null === $from?->person ? null : $this->entities->find(Person::class, $from->person));
        // A link that allows less takes nothing away from who may do more.
        $role = true === $from?->workshop->equals($in->workshop->id()) ? $in->role->orHigher($from->role) : $in->role;
        $role = null === $person ? $role : $this->members->join($in->workshop, $person, $role)->role();
        $browser = $this->browsers->seen($in->workshop, null, $request, $role, $person);
        $this->entities->flush();
        // What it had open is reached by the account, or is the same: by itself it would be a browser more in the list.
        if (null !== $from?->browser && (null !== $from->person || $from->workshop->equals($in->workshop->id()))) {
            $before = $this->entities->find(Browser::class, $from->browser);
            $this->browsers->signOut(...null === $before ? [] : [$before]);
        }

        return $this->cookie->of($browser, $request->isSecure());
    }

    /** What a browser holds by itself becomes somebody's, so that it is not lost where they open another. */
    public function keep(WorkshopUser $held, Person $person): void
    {
        $workshop = null === $held->person && Role::Hold === $held->role ? $this->entities->find(Workshop::class, $held->workshop) : null;
        if (null !== $workshop) {
            // The other one is what they opened last.
            $this->members->join($workshop, $person, Role::Hold)->opened($workshop->begunAt()->modify('-1 second'));
            $this->entities->flush();
        }
    }

    /** Opens the workshop that somebody opened last; who has none begins one. */
    public function signIn(Person $person, Request $request, ?WorkshopUser $from): Cookie
    {
        $last = $this->members->with($person->id())[0] ?? null;
        $workshop = $last?->workshop();
        if (null === $workshop) {
            $workshop = new Workshop($this->clock->now());
            $this->entities->persist($workshop);
            $this->demo->layOut($workshop);
        }
        $role = $last?->role() ?? Role::Hold;

        return $this->open(new LetIn($workshop, $role, $person), $request, true === $from?->person?->equals($person->id()) ? $from : null);
    }
}
