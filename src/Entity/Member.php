<?php

declare(strict_types=1);

namespace Alternum\Server\Entity;

use Alternum\Server\Account\Members;
use Alternum\Server\Security\Role;
use Doctrine\ORM\Mapping as ORM;

/** That somebody has a part in a workshop, and what they may do in it. */
#[ORM\Entity(repositoryClass: Members::class)]
class Member
{
    public function __construct(
        #[ORM\Id]
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Workshop $workshop,
        #[ORM\Id]
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Person $person,
        #[ORM\Column(length: 10, enumType: Role::class)]
        private Role $role,
        #[ORM\Column]
        private \DateTimeImmutable $openedAt,
    ) {
    }

    public function workshop(): Workshop
    {
        return $this->workshop;
    }

    public function person(): Person
    {
        return $this->person;
    }

    public function role(): Role
    {
        return $this->role;
    }

    public function allow(Role $role): void
    {
        $this->role = $role;
    }

    /** When they opened it last: that one is opened where they sign in. */
    public function openedAt(): \DateTimeImmutable
    {
        return $this->openedAt;
    }

    public function opened(\DateTimeImmutable $at): void
    {
        $this->openedAt = $at;
    }
}
