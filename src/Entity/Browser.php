<?php

declare(strict_types=1);

namespace Alternum\Server\Entity;

use Alternum\Server\Repository\Browsers;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Ulid;

/** A browser that has a workshop open: its cookie names this row, and opens nothing once the row is gone. */
#[ORM\Entity(repositoryClass: Browsers::class)]
class Browser
{
    #[ORM\Id]
    #[ORM\Column(type: 'ulid')]
    private Ulid $id;

    /** @param string $name what it is, as "Firefox on Linux" */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Workshop $workshop,
        #[ORM\Column(length: 60)]
        private string $name,
        #[ORM\Column]
        private \DateTimeImmutable $seenAt,
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

    public function seen(string $name, \DateTimeImmutable $at): void
    {
        [$this->name, $this->seenAt] = [$name, $at];
    }
}
