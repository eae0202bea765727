<?php

declare(strict_types=1);

namespace Alternum\Server\Entity;

use Alternum\Server\Repository\SavedPlans;
use Alternum\Server\Saving\StoredPlan;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Ulid;

/** A plan as last saved, in the plan's format, with the number of its revision. Begun and taken off the shelf here; saved as a StoredPlan. */
#[ORM\Entity(repositoryClass: SavedPlans::class)]
#[ORM\Index(fields: ['workshop', 'savedAt'])]
class SavedPlan
{
    #[ORM\Id]
    #[ORM\Column(type: 'ulid')]
    private Ulid $id;

    #[ORM\Column]
    private int $revision = 1;

    #[ORM\Column]
    private \DateTimeImmutable $savedAt;

    /** The undo group that was saved last; '' where none was. */
    #[ORM\Column(length: 40)]
    private string $undoGroup = '';

    /**
     * What became of the last operations, by their id, the newest last.
     *
     * @var array<string, int|array{int, array<string, mixed>}> Result::kept()
     */
    #[ORM\Column(type: Types::JSON)]
    private array $results = [];

    /** How often it was written: who writes says how often it had been when it was read. */
    #[ORM\Column]
    private int $writes = 0;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $removedAt = null;

    /**
     * A plan that is begun.
     *
     * @param string               $body    JSON, contract/plan.schema.json
     * @param array<string, mixed> $summary what the shelf shows of it
     * @param string               $says    how it came there, in a few words; later, what the last undo group did
     */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Workshop $workshop,
        #[ORM\Column(length: 480)]
        private string $title,
        #[ORM\Column(type: Types::TEXT, length: 16777215)]
        private string $body,
        #[ORM\Column(type: Types::JSON)]
        public readonly array $summary,
        #[ORM\Column(length: 480)]
        private string $says,
        #[ORM\Column]
        public readonly \DateTimeImmutable $begunAt,
    ) {
        $this->id = new Ulid();
        $this->savedAt = $begunAt;
    }

    public function stored(): StoredPlan
    {
        return new StoredPlan(
            id: $this->id,
            revision: $this->revision,
            title: $this->title,
            body: $this->body,
            undoGroup: $this->undoGroup,
            says: $this->says,
            results: $this->results,
            savedAt: $this->savedAt,
            writes: $this->writes,
        );
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

    public function workshop(): Workshop
    {
        return $this->workshop;
    }
}
