<?php

declare(strict_types=1);

namespace Alternum\Server\Security;

/** What a browser must be allowed in a workshop to ask for this. Without it, what changes nothing needs to read, and all else to hold it. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class Needs
{
    public function __construct(public Role $role)
    {
    }
}
