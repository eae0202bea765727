<?php

declare(strict_types=1);

namespace Alternum\Server\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** What saving knows of a plan and changes: a SavedPlan's row, but for where and since when it stands on a shelf. */
#[ORM\Embeddable]
final readonly class PlanState
{
    /** What is said of a group is cut to this many characters. */
    private const SAYS = 120;

    /**
     * @param string                                              $body      JSON, contract/plan.schema.json
     * @param string                                              $says      how it came there; later, what the last undo group did, in a few words
     * @param string                                              $undoGroup the group that was saved last; '' where none was
     * @param array<string, int|array{int, array<string, mixed>}> $results   what became of the last operations, by their id, the newest last: Result::kept()
     * @param int                                                 $writes    how often it was written: who writes says how often it had been when it was read
     */
    public function __construct(
        #[ORM\Column(length: 480)]
        public string $title,
        #[ORM\Column(type: Types::TEXT, length: 16777215)]
        public string $body,
        #[ORM\Column(length: 480)]
        public string $says,
        #[ORM\Column]
        public \DateTimeImmutable $savedAt,
        #[ORM\Column]
        public int $revision = 1,
        #[ORM\Column(length: 40)]
        public string $undoGroup = '',
        #[ORM\Column(type: Types::JSON)]
        public array $results = [],
        #[ORM\Column]
        public int $writes = 0,
    ) {
    }

    /** The revision after this one. */
    public function changed(string $title, string $body, string $undoGroup, string $says, \DateTimeImmutable $at): self
    {
        return new self(
            title: $title,
            body: $body,
            says: mb_substr($says, 0, self::SAYS),
            savedAt: $at,
            revision: $this->revision + 1,
            undoGroup: $undoGroup,
            results: $this->results,
            writes: $this->writes,
        );
    }

    /** @param array<string, int|array{int, array<string, mixed>}> $results */
    public function remembering(array $results): self
    {
        return new self(
            title: $this->title,
            body: $this->body,
            says: $this->says,
            savedAt: $this->savedAt,
            revision: $this->revision,
            undoGroup: $this->undoGroup,
            results: $results,
            writes: $this->writes,
        );
    }
}
