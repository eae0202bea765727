<?php

declare(strict_types=1);

namespace Alternum\Server\Security;

use Alternum\Server\Entity\Person;
use Alternum\Server\Entity\Workshop;
use Symfony\Component\DependencyInjection\Attribute\Exclude;

/** What a secret opens: a workshop, to do so much in it; for somebody, where a browser of theirs handed it on. */
#[Exclude]
final readonly class LetIn
{
    public function __construct(public Workshop $workshop, public Role $role, public ?Person $person = null)
    {
    }
}
