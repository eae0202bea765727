<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

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
     * Each distinct set of yarns with how many copies are made in it.
     *
     * @return list<array{times: int, yarns: array<string, string>}>
     */
    public function palettes(): array
    {
        if (null === $this->named) {
            return [['times' => $this->count, 'yarns' => []]];
        }

        return array_map(static fn (Copy $copy): array => ['times' => 1, 'yarns' => $copy->yarns], $this->named);
    }
}
