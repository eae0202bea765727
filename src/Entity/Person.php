<?php

declare(strict_types=1);

namespace Alternum\Server\Entity;

use Alternum\Server\Account\People;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Uid\Ulid;

/** Somebody with a name and a password, who has workshops open in any browser that is signed in. */
#[ORM\Entity(repositoryClass: People::class)]
class Person implements PasswordAuthenticatedUserInterface
{
    public const NAME = 60;

    #[ORM\Id]
    #[ORM\Column(type: 'ulid')]
    private Ulid $id;

    #[ORM\Column(length: 255)]
    private string $passwordHash = '';

    /** @param string $name as it is signed in with: capitals and small letters are alike */
    public function __construct(
        #[ORM\Column(length: self::NAME, unique: true)]
        private string $name,
        #[ORM\Column]
        private \DateTimeImmutable $begunAt,
    ) {
        $this->id = new Ulid();
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function begunAt(): \DateTimeImmutable
    {
        return $this->begunAt;
    }

    public function getPassword(): string
    {
        return $this->passwordHash;
    }

    public function setPasswordHash(#[\SensitiveParameter] string $hash): void
    {
        $this->passwordHash = $hash;
    }
}
