<?php

declare(strict_types=1);

namespace Alternum\Server\Repository;

use Alternum\Server\Cache\SharedPool;
use Alternum\Server\Entity\Browser;
use Alternum\Server\Entity\Person;
use Alternum\Server\Entity\Workshop;
use Alternum\Server\Security\BrowserName;
use Alternum\Server\Security\Role;
use Alternum\Server\Security\WorkshopUser;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\Connection;
use Doctrine\Persistence\ManagerRegistry;
use Psr\Cache\CacheItemPoolInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Uid\Ulid;

/**
 * Which browsers have which workshop open. That is asked for at every request, so it is remembered for a while; what is signed out is
 * forgotten at once.
 *
 * @extends ServiceEntityRepository<Browser>
 */
final class Browsers extends ServiceEntityRepository
{
    /** Seconds for which it is remembered. */
    private const REMEMBERED = 60;
    /** Browsers of a workshop that one person holds, or that hold it alike: of more, the one that was away longest is signed out. */
    private const MOST = 30;

    /** @param CacheItemPoolInterface $cache shared by all machines: a browser that is signed out at one is out at all */
    public function __construct(
        ManagerRegistry $registry,
        private readonly Connection $database,
        #[Autowire(service: SharedPool::class)] private readonly CacheItemPoolInterface $cache,
        private readonly ClockInterface $clock,
    ) {
        parent::__construct($registry, Browser::class);
    }

    /** @return WorkshopUser|null who holds the cookie of this browser; null: it was signed out, or its workshop is gone */
    public function user(Ulid $browser): ?WorkshopUser
    {
        return $this->remembered(self::key($browser), fn (): mixed => $this->database->fetchNumeric(
            'SELECT workshop_id, role, person_id FROM browser WHERE id = ?',
            [$browser->toBinary()],
        ), $browser);
    }

    /** @return WorkshopUser|null who holds a cookie of before browsers had rows, which names the workshop */
    public function userOfBefore(Ulid $workshop): ?WorkshopUser
    {
        return $this->remembered(
            "workshop-{$workshop->toBase32()}",
            fn (): ?array => true === $this->getEntityManager()->find(Workshop::class, $workshop)?->hasOldCookies()
                ? [$workshop->toBinary(), Role::Hold->value, null]
                : null,
            null,
        );
    }

    /**
     * A browser that opens a workshop, or opens it again; the caller flushes.
     *
     * @param Ulid|null $id     null: it opens it for the first time
     * @param Role      $role   what it may do, where it opens it for the first time
     * @param Person    $person who is signed in there, then
     */
    public function seen(Workshop $workshop, ?Ulid $id, Request $request, Role $role = Role::Hold, ?Person $person = null): Browser
    {
        $name = BrowserName::of($request->headers->get('User-Agent', ''));
        $browser = null === $id ? null : $this->find($id);
        if (null === $browser) {
            // What others do never signs out who holds it.
            $alike = $this->findBy(
                ['workshop' => $workshop, 'person' => $person] + (null === $person ? ['role' => $role] : []),
                ['seenAt' => 'DESC', 'id' => 'DESC'],
            );
            $browser = new Browser($workshop, $name, $this->now(), $role, $person);
            $this->getEntityManager()->persist($browser);
            $this->signOut(...\array_slice($alike, self::MOST - 1));
        } elseif ($browser->name() !== $name || $browser->seenAt() < $this->now()->modify('-1 hour')) {
            $browser->seen($name, $this->now());
        }

        return $browser;
    }

    /** @return list<Browser> that the user may see and sign out, the last seen first: all where they hold the workshop, otherwise their own */
    public function of(WorkshopUser $user): array
    {
        return $this->findBy(['workshop' => $user->workshop] + match (true) {
            Role::Hold === $user->role => [],
            null !== $user->person => ['person' => $user->person],
            default => ['id' => $user->browser],
        }, ['seenAt' => 'DESC', 'id' => 'DESC']);
    }

    /** Takes their rows away, and forgets them after that: what is asked meanwhile would be remembered again. */
    public function signOut(Browser ...$browsers): void
    {
        foreach ($browsers as $browser) {
            $this->getEntityManager()->remove($browser);
        }
        $this->getEntityManager()->flush();
        $this->forget(...$browsers);
    }

    /** Signs out all that the user may sign out, but the one that asks. */
    public function signOutOthers(Workshop $workshop, WorkshopUser $user): void
    {
        if (Role::Hold === $user->role) {
            $this->endOldCookies($workshop);
        }
        $this->signOut(...array_filter($this->of($user), static fn (Browser $browser): bool => true !== $user->browser?->equals($browser->id())));
    }

    /** Signs out all of a workshop. */
    public function signOutAll(Workshop $workshop): void
    {
        $this->endOldCookies($workshop);
        $this->signOut(...$this->findBy(['workshop' => $workshop]));
    }

    /**
     * Signs somebody out: of one workshop or of all, everywhere but in one browser.
     *
     * @param Workshop|null $workshop null: of all
     */
    public function signOutPerson(Person $person, ?Workshop $workshop, ?Ulid $but): void
    {
        $browsers = $this->findBy(['person' => $person] + (null === $workshop ? [] : ['workshop' => $workshop]));
        $this->signOut(...array_filter($browsers, static fn (Browser $browser): bool => true !== $but?->equals($browser->id())));
    }

    /** What somebody may do in a workshop from now on, in all browsers; what they may no longer do is refused at once. */
    public function allow(Person $person, Workshop $workshop, Role $role): void
    {
        $browsers = $this->findBy(['person' => $person, 'workshop' => $workshop]);
        foreach ($browsers as $browser) {
            $browser->heldBy($person, $role);
        }
        $this->getEntityManager()->flush();
        $this->forget(...$browsers);
    }

    /** Asked anew at the next request. */
    public function forget(Browser ...$browsers): void
    {
        $this->cache->deleteItems(array_values(array_map(static fn (Browser $browser): string => self::key($browser->id()), $browsers)));
    }

    private function endOldCookies(Workshop $workshop): void
    {
        $workshop->endOldCookies();
        $this->getEntityManager()->flush();
        $this->cache->deleteItem("workshop-{$workshop->id()->toBase32()}");
    }

    private static function key(Ulid $browser): string
    {
        return "browser-{$browser->toBase32()}";
    }

    private function now(): \DateTimeImmutable
    {
        return \DateTimeImmutable::createFromInterface($this->clock->now());
    }

    /** @param \Closure(): mixed $ask for the workshop, what it allows, and who is signed in there, as the database has them */
    private function remembered(string $key, \Closure $ask, ?Ulid $browser): ?WorkshopUser
    {
        $item = $this->cache->getItem($key);
        $known = self::known($item->get(), $browser);
        if (null !== $known) {
            return $known;
        }
        $asked = $ask();
        $user = self::known($asked, $browser);
        if (null !== $user) {
            $this->cache->save($item->set($asked)->expiresAfter(self::REMEMBERED));
        }

        return $user;
    }

    /** @param mixed $row anything else than a row is asked for anew: an earlier version remembered the workshop alone */
    private static function known(mixed $row, ?Ulid $browser): ?WorkshopUser
    {
        if (!\is_array($row) || !\is_string($row[0] ?? null) || !\is_string($row[1] ?? null)) {
            return null;
        }
        $person = $row[2] ?? null;

        return new WorkshopUser(Ulid::fromBinary($row[0]), $browser, Role::from($row[1]), \is_string($person) ? Ulid::fromBinary($person) : null);
    }
}
