<?php

declare(strict_types=1);

namespace Alternum\Server\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Ulid;

/** A plan as it was at one save. The newest ones are kept. */
#[ORM\Entity]
#[ORM\UniqueConstraint(fields: ['plan', 'number'])]
class PlanRevision
{
    /** How many are kept of each plan. */
    public const KEPT = 50;

    #[ORM\Id]
    #[ORM\Column(type: 'ulid')]
    private Ulid $id;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private SavedPlan $plan,
        #[ORM\Column]
        private int $number,
        #[ORM\Column(type: Types::TEXT, length: 16777215)]
        private string $body,
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

    public function savedAt(): \DateTimeImmutable
    {
        return $this->savedAt;
    }
}
