<?php

declare(strict_types=1);

namespace Alternum\Server\Security;

use Alternum\Server\Repository\Browsers;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Security\Core\User\UserProviderInterface;
use Symfony\Component\Uid\Ulid;

/** @implements UserProviderInterface<WorkshopUser> */
final readonly class WorkshopProvider implements UserProviderInterface
{
    public function __construct(private Browsers $browsers)
    {
    }

    /** @param string $identifier as WorkshopCookie::read() gives it */
    public function loadUserByIdentifier(string $identifier): WorkshopUser
    {
        [$what, $id] = explode(' ', $identifier, 2) + ['', ''];
        $user = match (true) {
            !Ulid::isValid($id) => null,
            WorkshopCookie::BROWSER === $what => $this->browsers->user(Ulid::fromString($id)),
            default => $this->browsers->userOfBefore(Ulid::fromString($id)),
        };

        return $user ?? throw new UserNotFoundException();
    }

    public function refreshUser(UserInterface $user): WorkshopUser
    {
        return $user instanceof WorkshopUser ? $user : throw new UserNotFoundException();
    }

    public function supportsClass(string $class): bool
    {
        return WorkshopUser::class === $class;
    }
}
