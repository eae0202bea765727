<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

/** One field of the plan's format, and what it is set to. */
final readonly class SetValue
{
    /** @param list<string> $at field names from the plan inwards, and keys of what is in lists */
    public function __construct(public array $at, public mixed $value, public bool $isRemoved)
    {
    }
}
