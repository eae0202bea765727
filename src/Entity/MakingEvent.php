<?php

declare(strict_types=1);

namespace Alternum\Server\Entity;

use Doctrine\ORM\Mapping as ORM;

/** A line of a making's journal. Written and read by Repository\Makings. */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['making_id', 'id'])]
class MakingEvent
{
    /**
     * @param int    $number the order in which they came in, from 1
     * @param string $id     the event's own
     * @param string $body   JSON, contract/journal.schema.json
     */
    public function __construct(
        #[ORM\Id]
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly Making $making,
        #[ORM\Id]
        #[ORM\Column]
        public readonly int $number,
        #[ORM\Column(length: 26, options: ['fixed' => true])]
        public readonly string $id,
        #[ORM\Column(length: 9000)]
        public readonly string $body,
    ) {
    }
}
