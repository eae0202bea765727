<?php

declare(strict_types=1);

namespace Alternum\Server\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A later revision of its plan that a making follows. Written and read by Repository\Makings. */
#[ORM\Entity]
class MakingPlan
{
    /** @param string $body JSON, contract/plan.schema.json */
    public function __construct(
        #[ORM\Id]
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly Making $making,
        #[ORM\Id]
        #[ORM\Column]
        public readonly int $revision,
        #[ORM\Column(type: Types::TEXT, length: 16777215)]
        public readonly string $body,
    ) {
    }
}
