<?php

declare(strict_types=1);

namespace Alternum\Server\Saving;

/** An operation whose edit, and what was seen as it was made, are not read yet. */
final readonly class SentOperation
{
    public function __construct(public string $id, public string $group, public mixed $edit, public mixed $seen)
    {
    }
}
