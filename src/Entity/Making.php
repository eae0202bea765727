<?php

declare(strict_types=1);

namespace Alternum\Server\Entity;

use Alternum\Server\Repository\Makings;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Ulid;

/** One toy that is made of a plan: the plan as it was when it was begun, and a journal, which Repository\Makings keeps. */
#[ORM\Entity(repositoryClass: Makings::class)]
#[ORM\Index(columns: ['workshop_id', 'touched_at'])]
class Making
{
    #[ORM\Id]
    #[ORM\Column(type: 'ulid')]
    public readonly Ulid $id;

    #[ORM\Column]
    public readonly \DateTimeImmutable $touchedAt;

    /** How many events its journal has. */
    #[ORM\Column]
    public readonly int $events;

    /**
     * @param int                      $revision of the plan
     * @param string                   $body     the plan as it was then
     * @param array<string, list<int>> $counts   stitches of each round, by task: what is made of how much is asked often
     */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly Workshop $workshop,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly SavedPlan $plan,
        #[ORM\Column]
        public readonly int $revision,
        #[ORM\Column(type: Types::TEXT, length: 16777215)]
        public readonly string $body,
        #[ORM\Column(type: Types::JSON)]
        public readonly array $counts,
        #[ORM\Column]
        public readonly \DateTimeImmutable $begunAt,
    ) {
        $this->id = new Ulid();
        $this->touchedAt = $begunAt;
        $this->events = 0;
    }
}
