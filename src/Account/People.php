<?php

declare(strict_types=1);

namespace Alternum\Server\Account;

use Alternum\Server\Entity\Person;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<Person> */
final class People extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Person::class);
    }

    /** @param string $name in capitals or not: the column's collation holds them alike */
    public function named(string $name): ?Person
    {
        return $this->findOneBy(['name' => $name]);
    }
}
