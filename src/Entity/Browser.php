<?php

declare(strict_types=1);

namespace Alternum\Server\Entity;

use Alternum\Server\Repository\Browsers;
use Alternum\Server\Security\Role;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Ulid;

/** A browser that has a workshop open: its cookie names this row, and opens nothing once the row is gone. */
#[ORM\Entity(repositoryClass: Browsers::class)]
class Browser
{
    #[ORM\Id]
    #[ORM\Column(type: 'ulid')]
    private Ulid $id;

    /**
     * @param string      $name   what it is, as "Firefox on Linux"
     * @param Person|null $person who is signed in there; null: nobody, the browser itself was let in
     */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Workshop $workshop,
        #[ORM\Column(length: 60)]
        private string $name,
        #[ORM\Column]
        private \DateTimeImmutable $seenAt,
        #[ORM\Column(length: 10, enumType: Role::class, options: ['default' => 'hold'])]
        private Role $role = Role::Hold,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(onDelete: 'CASCADE')]
        private ?Person $person = null,
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

    public function name(): string
    {
        return $this->name;
    }

    public function seenAt(): \DateTimeImmutable
    {
        return $this->seenAt;
    }

    public function role(): Role
    {
        return $this->role;
    }

    public function person(): ?Person
    {
        return $this->person;
    }

    /** Who is signed in there from now on, and what it may do. */
    public function heldBy(?Person $person, Role $role): void
    {
        [$this->person, $this->role] = [$person, $role];
    }

    public function seen(string $name, \DateTimeImmutable $at): void
    {
        [$this->name, $this->seenAt] = [$name, $at];
    }
}
