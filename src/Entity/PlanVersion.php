<?php

declare(strict_types=1);

namespace Alternum\Server\Entity;

use Alternum\Server\Repository\PlanVersions;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/**
 * A plan as it was before something else was done: what an undo group began from. What it is now stands in the plan itself. Written by
 * the trigger of saved_plan, read by Repository\PlanVersions.
 */
#[ORM\Entity(repositoryClass: PlanVersions::class)]
class PlanVersion
{
    /**
     * @param int    $number the revision that it was
     * @param string $body   JSON, contract/plan.schema.json
     * @param string $says   what had been done to make it so, in a few words
     */
    public function __construct(
        #[ORM\Id]
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly SavedPlan $plan,
        #[ORM\Id]
        #[ORM\Column]
        public readonly int $number,
        #[ORM\Column(type: Types::TEXT, length: 16777215)]
        public readonly string $body,
        #[ORM\Column(length: 480)]
        public readonly string $says,
        #[ORM\Column]
        public readonly \DateTimeImmutable $savedAt,
    ) {
    }
}
