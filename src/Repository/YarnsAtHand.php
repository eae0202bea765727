<?php

declare(strict_types=1);

namespace Alternum\Server\Repository;

use Alternum\Server\Entity\YarnAtHand;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Ulid;

/** @extends ServiceEntityRepository<YarnAtHand> */
final class YarnsAtHand extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, YarnAtHand::class);
    }

    /** @return list<YarnAtHand> */
    public function onShelf(Ulid $workshop): array
    {
        return $this->findBy(['workshop' => $workshop], ['id' => 'ASC']);
    }

    public function ofWorkshop(Ulid $workshop, string $id): ?YarnAtHand
    {
        return Ulid::isValid($id) ? $this->findOneBy(['id' => Ulid::fromString($id), 'workshop' => $workshop]) : null;
    }
}
