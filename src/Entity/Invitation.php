<?php

declare(strict_types=1);

namespace Alternum\Server\Entity;

use Alternum\Server\Security\Role;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Ulid;

/** A link that lets one browser, or whoever is signed in there, into a workshop, once and to do so much in it. */
#[ORM\Entity]
class Invitation
{
    #[ORM\Id]
    #[ORM\Column(type: 'ulid')]
    private Ulid $id;

    /** @param string $hash SHA-256 of the secret in it */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Workshop $workshop,
        #[ORM\Column(length: 64, unique: true)]
        private string $hash,
        #[ORM\Column(length: 10, enumType: Role::class)]
        private Role $role,
        #[ORM\Column]
        private \DateTimeImmutable $endsAt,
    ) {
        $this->id = new Ulid();
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public function workshop(): Workshop
    {
        return $this->workshop;
    }

    public function hash(): string
    {
        return $this->hash;
    }

    public function role(): Role
    {
        return $this->role;
    }

    public function endsAt(): \DateTimeImmutable
    {
        return $this->endsAt;
    }
}
