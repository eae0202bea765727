<?php

declare(strict_types=1);

namespace Alternum\Server\Repository;

use Alternum\Server\Cache\SharedPool;
use Alternum\Server\Entity\Browser;
use Alternum\Server\Entity\Workshop;
use Alternum\Server\Security\BrowserName;
use Alternum\Server\Security\WorkshopUser;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
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
    /** Browsers of a workshop: of more, the one that was away longest is signed out. */
    private const MOST = 30;

    /** @param CacheItemPoolInterface $cache shared by all machines: a browser that is signed out at one is out at all */
    public function __construct(
        ManagerRegistry $registry,
        #[Autowire(service: SharedPool::class)] private readonly CacheItemPoolInterface $cache,
        private readonly ClockInterface $clock,
    ) {
        parent::__construct($registry, Browser::class);
    }

    /** @return WorkshopUser|null who holds the cookie of this browser; null: it was signed out, or its workshop is gone */
    public function user(Ulid $browser): ?WorkshopUser
    {
        return $this->remembered("browser-{$browser->toBase32()}", fn (): mixed => $this->getEntityManager()->getConnection()->fetchOne(
            'SELECT workshop_id FROM browser WHERE id = ?',
            [$browser->toBinary()],
        ), $browser);
    }

    /** @return WorkshopUser|null who holds a cookie of before browsers had rows, which names the workshop */
    public function userOfBefore(Ulid $workshop): ?WorkshopUser
    {
        return $this->remembered(
            "workshop-{$workshop->toBase32()}",
            fn (): ?string => true === $this->getEntityManager()->find(Workshop::class, $workshop)?->hasOldCookies() ? $workshop->toBinary() : null,
            null,
        );
    }

    /** A browser that opens a workshop, or opens it again; the caller flushes. */
    public function seen(Workshop $workshop, ?Ulid $id, Request $request): Browser
    {
        $name = BrowserName::of($request->headers->get('User-Agent', ''));
        $browser = null === $id ? null : $this->find($id);
        if (null === $browser) {
            $browser = new Browser($workshop, $name, $this->now());
            $this->getEntityManager()->persist($browser);
            $this->signOut(...\array_slice($this->of($workshop->id()), self::MOST - 1));
        } elseif ($browser->name() !== $name || $browser->seenAt() < $this->now()->modify('-1 hour')) {
            $browser->seen($name, $this->now());
        }

        return $browser;
    }

    /** @return list<Browser> the last seen first */
    public function of(Ulid $workshop): array
    {
        return $this->findBy(['workshop' => $workshop], ['seenAt' => 'DESC', 'id' => 'DESC']);
    }

    /** Takes their rows away, and forgets them after that: what is asked meanwhile would be remembered again. */
    public function signOut(Browser ...$browsers): void
    {
        foreach ($browsers as $browser) {
            $this->getEntityManager()->remove($browser);
        }
        $this->getEntityManager()->flush();
        $this->cache->deleteItems(array_values(array_map(static fn (Browser $browser): string => "browser-{$browser->id()->toBase32()}", $browsers)));
    }

    /** Signs out all browsers of a workshop but one. */
    public function signOutOthers(Workshop $workshop, ?Ulid $but): void
    {
        $workshop->endOldCookies();
        $this->signOut(...array_filter($this->of($workshop->id()), static fn (Browser $browser): bool => true !== $but?->equals($browser->id())));
        $this->cache->deleteItem("workshop-{$workshop->id()->toBase32()}");
    }

    private function now(): \DateTimeImmutable
    {
        return \DateTimeImmutable::createFromInterface($this->clock->now());
    }

    /** @param \Closure(): mixed $ask for the workshop's id, as the database has it */
    private function remembered(string $key, \Closure $ask, ?Ulid $browser): ?WorkshopUser
    {
        $item = $this->cache->getItem($key);
        $workshop = $item->get();
        if (!\is_string($workshop)) {
            $workshop = $ask();
            if (!\is_string($workshop)) {
                return null;
            }
            $this->cache->save($item->set($workshop)->expiresAfter(self::REMEMBERED));
        }

        return new WorkshopUser(Ulid::fromBinary($workshop), $browser);
    }
}
