<?php

declare(strict_types=1);

namespace Alternum\Server\Entity;

use Alternum\Server\Repository\SavedPlans;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Ulid;

/** A plan of a workshop. Begun and taken off the shelf here; its state is read and written by SavedPlans alone, as that is done most. */
#[ORM\Entity(repositoryClass: SavedPlans::class)]
#[ORM\Index(columns: ['workshop_id', 'saved_at'])]
class SavedPlan
{
    #[ORM\Id]
    #[ORM\Column(type: 'ulid')]
    private Ulid $id;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $removedAt = null;

    /** Put by: still there, and out of the way. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $archivedAt = null;

    #[ORM\Column]
    public readonly \DateTimeImmutable $begunAt;

    /**
     * A plan that is begun.
     *
     * @param array<string, mixed> $summary what the shelf shows of it
     */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Workshop $workshop,
        #[ORM\Embedded(columnPrefix: false)]
        public readonly PlanState $state,
        #[ORM\Column(type: Types::JSON)]
        public readonly array $summary,
    ) {
        $this->id = new Ulid();
        $this->begunAt = $state->savedAt;
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public function remove(\DateTimeImmutable $at): void
    {
        $this->removedAt = $at;
    }

    public function restore(): void
    {
        $this->removedAt = null;
    }

    /** @param \DateTimeImmutable|null $at null: it is among the others again */
    public function archive(?\DateTimeImmutable $at): void
    {
        $this->archivedAt = $at;
    }

    public function isArchived(): bool
    {
        return null !== $this->archivedAt;
    }

    public function isRemoved(): bool
    {
        return null !== $this->removedAt;
    }

    public function workshop(): Workshop
    {
        return $this->workshop;
    }
}
