<?php

declare(strict_types=1);

namespace Alternum\Server\Entity;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Ulid;

/** A private workshop: all that one maker has here. Its cookie is its key. */
#[ORM\Entity]
class Workshop
{
    #[ORM\Id]
    #[ORM\Column(type: 'ulid')]
    private Ulid $id;

    /** SHA-256 of the secret that opens it in another browser; null: none was made. */
    #[ORM\Column(length: 64, unique: true, nullable: true)]
    private ?string $keyHash = null;

    public function __construct(
        #[ORM\Column]
        private \DateTimeImmutable $begunAt,
    ) {
        $this->id = new Ulid();
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public function begunAt(): \DateTimeImmutable
    {
        return $this->begunAt;
    }

    public function hasKey(): bool
    {
        return null !== $this->keyHash;
    }

    /** Another key; the one before opens nothing any more. */
    public function replaceKey(string $hash): void
    {
        $this->keyHash = $hash;
    }
}
