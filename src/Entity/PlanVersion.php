<?php

declare(strict_types=1);

namespace Alternum\Server\Entity;

use Alternum\Server\Repository\PlanVersions;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Ulid;

/** A plan as it was before something else was done: what an undo group began from. What it is now stands in the plan itself. */
#[ORM\Entity(repositoryClass: PlanVersions::class)]
#[ORM\UniqueConstraint(fields: ['plan', 'number'])]
class PlanVersion
{
    #[ORM\Id]
    #[ORM\Column(type: 'ulid')]
    private Ulid $id;

    /**
     * @param int    $number the revision that it was
     * @param string $body   JSON, contract/plan.schema.json
     * @param string $says   what had been done to make it so, in a few words
     */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private SavedPlan $plan,
        #[ORM\Column]
        private int $number,
        #[ORM\Column(type: Types::TEXT, length: 16777215)]
        private string $body,
        #[ORM\Column(length: 480)]
        private string $says,
        #[ORM\Column]
        private \DateTimeImmutable $savedAt,
    ) {
        $this->id = new Ulid();
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public function plan(): SavedPlan
    {
        return $this->plan;
    }

    public function number(): int
    {
        return $this->number;
    }

    public function body(): string
    {
        return $this->body;
    }

    public function says(): string
    {
        return $this->says;
    }

    public function savedAt(): \DateTimeImmutable
    {
        return $this->savedAt;
    }
}
