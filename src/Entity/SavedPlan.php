<?php

declare(strict_types=1);

namespace Alternum\Server\Entity;

use Alternum\Server\Repository\SavedPlans;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Ulid;

/** A plan as last saved, in the plan's format, with the number of its revision. */
#[ORM\Entity(repositoryClass: SavedPlans::class)]
#[ORM\Index(fields: ['workshop', 'savedAt'])]
class SavedPlan
{
    #[ORM\Id]
    #[ORM\Column(type: 'ulid')]
    private Ulid $id;

    #[ORM\Column]
    private int $revision = 0;

    #[ORM\Column(length: 480)]
    private string $title = '';

    /** JSON, contract/plan.schema.json. */
    #[ORM\Column(type: Types::TEXT, length: 16777215)]
    private string $body = '';

    /** @var array<string, mixed> what the shelf shows of it */
    #[ORM\Column(type: Types::JSON)]
    private array $summary = [];

    #[ORM\Column]
    private \DateTimeImmutable $savedAt;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $removedAt = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Workshop $workshop,
        #[ORM\Column]
        private \DateTimeImmutable $begunAt,
    ) {
        $this->id = new Ulid();
        $this->savedAt = $begunAt;
    }

    /**
     * @param string               $body    JSON in the plan's format
     * @param array<string, mixed> $summary
     */
    public function save(string $title, string $body, array $summary, \DateTimeImmutable $at): PlanRevision
    {
        $this->title = $title;
        $this->body = $body;
        $this->summary = $summary;
        $this->savedAt = $at;

        return new PlanRevision($this, ++$this->revision, $body, $at);
    }

    public function remove(\DateTimeImmutable $at): void
    {
        $this->removedAt = $at;
    }

    public function restore(): void
    {
        $this->removedAt = null;
    }

    public function isRemoved(): bool
    {
        return null !== $this->removedAt;
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public function workshop(): Workshop
    {
        return $this->workshop;
    }

    public function revision(): int
    {
        return $this->revision;
    }

    public function title(): string
    {
        return $this->title;
    }

    public function body(): string
    {
        return $this->body;
    }

    /** @return array<string, mixed> */
    public function summary(): array
    {
        return $this->summary;
    }

    public function savedAt(): \DateTimeImmutable
    {
        return $this->savedAt;
    }

    public function begunAt(): \DateTimeImmutable
    {
        return $this->begunAt;
    }
}
