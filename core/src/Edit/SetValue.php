<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

/** One field of the plan's format, and what it is set to. */
final readonly class SetValue
{
    /**
     * @param list<string>       $at   field names from the plan inwards, and keys of what is in lists
     * @param array{saw?: mixed} $from what it was made from, where that may be another by now
     */
    public function __construct(public array $at, public mixed $value, public bool $isRemoved, private array $from = [])
    {
    }

    /** What is set where this stands now. */
    public function on(mixed $now): mixed
    {
        return \array_key_exists('saw', $this->from) ? MergedValue::of($this->from['saw'], $this->value, $now) : $this->value;
    }
}
