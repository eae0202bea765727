<?php

declare(strict_types=1);

namespace Alternum\Server\Saving;

/** An operation whose edit is not read yet. */
final readonly class SentOperation
{
    public function __construct(public string $id, public string $group, public mixed $edit)
    {
    }
}
