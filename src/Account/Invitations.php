<?php

declare(strict_types=1);

namespace Alternum\Server\Account;

use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Message;
use Alternum\Server\Entity\Invitation;
use Alternum\Server\Entity\Workshop;
use Alternum\Server\Security\Role;
use Alternum\Server\Security\WorkshopKey;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Ulid;

/**
 * Links that are out and let somebody in.
 *
 * @extends ServiceEntityRepository<Invitation>
 */
final class Invitations extends ServiceEntityRepository
{
    /** So many of a workshop are out at once. */
    public const MOST = 20;
    private const LASTS = '+7 days';

    public function __construct(ManagerRegistry $registry, private readonly ClockInterface $clock, private readonly Offer $offer)
    {
        parent::__construct($registry, Invitation::class);
    }

    /**
     * @return array{Invitation, string} with its secret, which is said this once; the caller flushes
     *
     * @throws InvalidFields where too many are out
     */
    public function make(Workshop $workshop, Role $role): array
    {
        if (\count($this->out($workshop->id())) >= self::MOST) {
            throw InvalidFields::because('', Message::said('There are '.self::MOST.' invitations out, as many as can be.', 'End one that was not used.'));
        }
        $secret = WorkshopKey::secret();
        $invitation = new Invitation($workshop, WorkshopKey::hash($secret), $role, $this->now()->modify(self::LASTS));
        $this->getEntityManager()->persist($invitation);

        return [$invitation, $secret];
    }

    /** @return list<Invitation> that can still be used */
    public function out(Ulid $workshop): array
    {
        return array_values(array_filter(
            $this->findBy(['workshop' => $workshop], ['id' => 'ASC']),
            fn (Invitation $invitation): bool => $invitation->endsAt() > $this->now(),
        ));
    }

    /** Takes it away; null: there is none, it is over, another came first, or accounts are not offered any more. */
    public function use(string $hash): ?Invitation
    {
        $invitation = $this->offer->isMade() ? $this->findOneBy(['hash' => $hash]) : null;
        if (null === $invitation || $invitation->endsAt() <= $this->now()) {
            return null;
        }
        $gone = $this->getEntityManager()->createQuery('DELETE FROM '.Invitation::class.' i WHERE i.id = :id')
            ->setParameter('id', $invitation->id(), 'ulid')->execute();

        return 1 === $gone ? $invitation : null;
    }

    private function now(): \DateTimeImmutable
    {
        return \DateTimeImmutable::createFromInterface($this->clock->now());
    }
}
