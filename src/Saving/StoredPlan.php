<?php

declare(strict_types=1);

namespace Alternum\Server\Saving;

use Symfony\Component\Uid\Ulid;

/** A plan as it lies in the database, with what saving needs to know of the last save. */
final readonly class StoredPlan
{
    /** What is said of a group is cut to this many characters. */
    private const SAYS = 120;

    /**
     * @param string                                              $body      JSON, contract/plan.schema.json
     * @param string                                              $undoGroup the group that was saved last; '' where none was
     * @param string                                              $says      what that group did, in a few words
     * @param array<string, int|array{int, array<string, mixed>}> $results   what became of the last operations, by their id, the newest last: Result::kept()
     * @param int                                                 $writes    how often it was written when it was read
     */
    public function __construct(
        public Ulid $id,
        public int $revision,
        public string $title,
        public string $body,
        public string $undoGroup,
        public string $says,
        public array $results,
        public \DateTimeImmutable $savedAt,
        public int $writes,
    ) {
    }

    /** The revision after this one. */
    public function changed(string $title, string $body, string $undoGroup, string $says, \DateTimeImmutable $at): self
    {
        return new self(
            id: $this->id,
            revision: $this->revision + 1,
            title: $title,
            body: $body,
            undoGroup: $undoGroup,
            says: mb_substr($says, 0, self::SAYS),
            results: $this->results,
            savedAt: $at,
            writes: $this->writes,
        );
    }

    /** @param array<string, int|array{int, array<string, mixed>}> $results */
    public function remembering(array $results): self
    {
        return new self(
            id: $this->id,
            revision: $this->revision,
            title: $this->title,
            body: $this->body,
            undoGroup: $this->undoGroup,
            says: $this->says,
            results: $results,
            savedAt: $this->savedAt,
            writes: $this->writes,
        );
    }
}
