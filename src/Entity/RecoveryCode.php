<?php

declare(strict_types=1);

namespace Alternum\Server\Entity;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Ulid;

/** What lets somebody choose another password, once. */
#[ORM\Entity]
class RecoveryCode
{
    #[ORM\Id]
    #[ORM\Column(type: 'ulid')]
    private Ulid $id;

    /** @param string $hash SHA-256 of it: it is random, and too long to be guessed */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Person $person,
        #[ORM\Column(length: 64)]
        private string $hash,
    ) {
        $this->id = new Ulid();
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public function person(): Person
    {
        return $this->person;
    }

    public function hash(): string
    {
        return $this->hash;
    }
}
