<?php

declare(strict_types=1);

namespace Alternum\Server\Account;

use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Message;
use Alternum\Server\Entity\Member;
use Alternum\Server\Entity\Person;
use Alternum\Server\Entity\Workshop;
use Alternum\Server\Security\Role;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Ulid;

/**
 * Who has a part in which workshop.
 *
 * @extends ServiceEntityRepository<Member>
 */
final class Members extends ServiceEntityRepository
{
    /** People of one workshop, and workshops of one person. */
    public const MOST = 50;

    public function __construct(ManagerRegistry $registry, private readonly ClockInterface $clock)
    {
        parent::__construct($registry, Member::class);
    }

    public function of(Ulid $workshop, Ulid $person): ?Member
    {
        return $this->findOneBy(['workshop' => $workshop, 'person' => $person]);
    }

    /** @return list<Member> who has a part in it */
    public function in(Ulid $workshop): array
    {
        return $this->findBy(['workshop' => $workshop], ['person' => 'ASC']);
    }

    /** @return list<Member> where somebody has a part, what was opened last first */
    public function with(Ulid $person): array
    {
        return $this->findBy(['person' => $person], ['openedAt' => 'DESC', 'workshop' => 'ASC']);
    }

    /**
     * Lets somebody in, who may do no less than before; the caller flushes.
     *
     * @throws InvalidFields where the workshop has as many people, or they as many workshops, as can be
     */
    public function join(Workshop $workshop, Person $person, Role $role): Member
    {
        $member = $this->of($workshop->id(), $person->id());
        $now = \DateTimeImmutable::createFromInterface($this->clock->now());
        if (null === $member) {
            if ($this->count(['workshop' => $workshop]) >= self::MOST) {
                throw InvalidFields::because('', Message::said(
                    'A workshop can have '.self::MOST.' people, and this one does.',
                    'Whoever holds it can take somebody out who needs it no more.',
                ));
            }
            if ($this->count(['person' => $person]) >= self::MOST) {
                throw InvalidFields::because('', Message::said(
                    'You have a part in '.self::MOST.' workshops, as many as can be.',
                    'Leave one that you need no more.',
                ));
            }
            $member = new Member($workshop, $person, $role, $now);
            $this->getEntityManager()->persist($member);
        }
        $member->allow($role->orHigher($member->role()));
        $member->opened($now);

        return $member;
    }

    /** Whether nobody else with a name and a password holds the workshop. */
    public function isLastHolder(Member $member): bool
    {
        return Role::Hold === $member->role() && 1 === $this->count(['workshop' => $member->workshop(), 'role' => Role::Hold]);
    }
}
