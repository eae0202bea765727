<?php

declare(strict_types=1);

namespace Alternum\Server\Entity;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Ulid;

/** A workshop: all that one maker has here, or a few together. A browser that has it open holds a cookie; its key opens it in another. */
#[ORM\Entity]
class Workshop
{
    #[ORM\Id]
    #[ORM\Column(type: 'ulid')]
    private Ulid $id;

    /** SHA-256 of the secret that opens it in another browser; null: none was made. */
    #[ORM\Column(length: 64, unique: true, nullable: true)]
    private ?string $keyHash = null;

    #[ORM\Column]
    private bool $keyOpensOnce = false;

    /** SHA-256 of a secret that opens it once and soon: for a device that stands beside; null: none is out. */
    #[ORM\Column(length: 64, unique: true, nullable: true)]
    private ?string $passHash = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $passEndsAt = null;

    /** The browser that handed it on; null: one of before browsers had rows. */
    #[ORM\Column(type: 'ulid', nullable: true)]
    private ?Ulid $passBrowserId = null;

    /** A cookie of before browsers had rows of their own opens it. */
    #[ORM\Column]
    private bool $hasOldCookies = false;

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

    public function keyOpensOnce(): bool
    {
        return $this->keyOpensOnce;
    }

    /**
     * Another key; the one before opens nothing any more.
     *
     * @param string|null $hash null: none
     */
    public function replaceKey(?string $hash, bool $opensOnce = false): void
    {
        [$this->keyHash, $this->keyOpensOnce] = [$hash, null !== $hash && $opensOnce];
    }

    /**
     * A pass for a device that stands beside; the one before opens nothing any more.
     *
     * @param string|null $hash null: none
     */
    public function replacePass(?string $hash, ?\DateTimeImmutable $endsAt, ?Ulid $browser = null): void
    {
        [$this->passHash, $this->passEndsAt, $this->passBrowserId] = [$hash, $endsAt, $browser];
    }

    public function passBrowser(): ?Ulid
    {
        return $this->passBrowserId;
    }

    public function passOpensAt(\DateTimeImmutable $now): bool
    {
        return null !== $this->passHash && null !== $this->passEndsAt && $now < $this->passEndsAt;
    }

    public function hasOldCookies(): bool
    {
        return $this->hasOldCookies;
    }

    public function endOldCookies(): void
    {
        $this->hasOldCookies = false;
    }
}
