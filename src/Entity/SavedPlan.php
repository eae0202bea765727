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

    /** The undo group that was saved last; '' where none was. */
    #[ORM\Column(length: 40)]
    private string $undoGroup = '';

    /** What that group did, in a few words. */
    #[ORM\Column(length: 480)]
    private string $says = '';

    /**
     * What became of the last operations, by their id, the newest last.
     *
     * @var array<string, array<string, mixed>>
     */
    #[ORM\Column(type: Types::JSON)]
    private array $results = [];

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
     * The plan as it is once an undo group has gone on, or begun.
     *
     * @param string               $body    JSON in the plan's format
     * @param array<string, mixed> $summary
     * @param int                  $by      revisions that were made on the way
     */
    public function save(string $title, string $body, array $summary, \DateTimeImmutable $at, int $by = 1): void
    {
        $this->title = $title;
        $this->body = $body;
        $this->summary = $summary;
        $this->savedAt = $at;
        $this->revision += $by;
    }

    public function did(string $undoGroup, string $says): void
    {
        $this->undoGroup = $undoGroup;
        $this->says = $says;
    }

    /** @param array<string, array<string, mixed>> $results by their operation's id, the newest last */
    public function remember(array $results): void
    {
        $this->results = $results;
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

    public function undoGroup(): string
    {
        return $this->undoGroup;
    }

    public function says(): string
    {
        return $this->says;
    }

    /** @return array<string, array<string, mixed>> by their operation's id, the newest last */
    public function results(): array
    {
        return $this->results;
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
