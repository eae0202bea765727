<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;

/** How many times a piece is made: a bare number, or named copies with their own yarns. */
final readonly class Copies
{
    /** @param list<Copy>|null $named */
    private function __construct(public int $count, public ?array $named)
    {
    }

    public static function times(int $count): self
    {
        return new self($count, null);
    }

    /** @param list<Copy> $copies */
    public static function named(array $copies): self
    {
        return new self(\count($copies), $copies);
    }

    /**
     * @param int $copy from 1
     *
     * @return int which of groups() it is in, from 0
     */
    public function groupOf(int $copy): int
    {
        $sets = array_map(static fn (CopyGroup $group): array => $group->yarns, $this->groups());

        return (int) array_search(($this->named[$copy - 1] ?? null)?->others() ?? [], $sets, true);
    }

    /** @return list<CopyGroup> each set of yarns, in the order in which it is first made */
    public function groups(): array
    {
        if (null === $this->named) {
            return [new CopyGroup($this->count, [], [])];
        }
        $groups = [];
        foreach ($this->named as $copy) {
            $yarns = $copy->others();
            $of = json_encode($yarns);
            $group = $groups[$of] ?? new CopyGroup(0, [], $yarns);
            $groups[$of] = new CopyGroup($group->count + 1, [...$group->names, $copy->name], $yarns);
        }

        return array_values($groups);
    }

    /** Of the field "copies", which is a number or a list. */
    public static function read(Fields $fields): self
    {
        return $fields->has('copies') && \is_array($fields->raw('copies'))
            ? self::named($fields->objects('copies', 1, Limits::COPIES, Copy::read(...)))
            : self::times($fields->whole('copies', 1, Limits::COPIES));
    }

    /** @return int|list<array<string, mixed>> in the plan's format */
    public function values(): int|array
    {
        return null === $this->named ? $this->count : array_map(static fn (Copy $copy): array => $copy->values(), $this->named);
    }
}
