<?php

declare(strict_types=1);

namespace Alternum\Server\Security;

use Alternum\Server\Entity\Workshop;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Security\Core\User\UserProviderInterface;
use Symfony\Component\Uid\Ulid;

/** @implements UserProviderInterface<Workshop> */
final readonly class WorkshopProvider implements UserProviderInterface
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function loadUserByIdentifier(string $identifier): Workshop
    {
        // The cookie is signed, so there was such a workshop; one that was tidied away since has nothing that could be found.
        return Ulid::isValid($identifier)
            ? $this->entities->getReference(Workshop::class, Ulid::fromString($identifier)) ?? throw new UserNotFoundException()
            : throw new UserNotFoundException();
    }

    public function refreshUser(UserInterface $user): Workshop
    {
        return $this->loadUserByIdentifier($user->getUserIdentifier());
    }

    public function supportsClass(string $class): bool
    {
        return Workshop::class === $class;
    }
}
