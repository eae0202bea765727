<?php

declare(strict_types=1);

namespace Alternum\Server\Security;

use Symfony\Component\DependencyInjection\Attribute\Exclude;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Uid\Ulid;

/** Whoever holds a workshop's cookie: only whose it is and what it allows, so that a request asks the database for no more than it needs. */
#[Exclude]
final readonly class WorkshopUser implements UserInterface
{
    /**
     * @param Ulid|null $browser null: it holds a cookie of before browsers had rows
     * @param Ulid|null $person  who is signed in there; null: nobody, the browser itself was let in
     */
    public function __construct(public Ulid $workshop, public ?Ulid $browser = null, public Role $role = Role::Hold, public ?Ulid $person = null)
    {
    }

    public function getRoles(): array
    {
        return ['ROLE_WORKSHOP'];
    }

    public function eraseCredentials(): void
    {
    }

    public function getUserIdentifier(): string
    {
        return $this->workshop->toBase32();
    }
}
