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
        $workshop = Ulid::isValid($identifier) ? $this->entities->find(Workshop::class, Ulid::fromString($identifier)) : null;

        return $workshop ?? throw new UserNotFoundException();
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
