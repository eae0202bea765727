<?php

declare(strict_types=1);

namespace Alternum\Server\Security;

use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Security\Core\User\UserProviderInterface;
use Symfony\Component\Uid\Ulid;

/** @implements UserProviderInterface<WorkshopUser> */
final readonly class WorkshopProvider implements UserProviderInterface
{
    public function loadUserByIdentifier(string $identifier): WorkshopUser
    {
        // The cookie is signed, so there was such a workshop; one that was tidied away since has nothing that could be found.
        return Ulid::isValid($identifier) ? new WorkshopUser(Ulid::fromString($identifier)) : throw new UserNotFoundException();
    }

    public function refreshUser(UserInterface $user): WorkshopUser
    {
        return $this->loadUserByIdentifier($user->getUserIdentifier());
    }

    public function supportsClass(string $class): bool
    {
        return WorkshopUser::class === $class;
    }
}
