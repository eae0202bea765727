<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\RoundMoves;

/** Where eyes, ears, limbs … are set on a piece, in the order in which they may name one another. */
final readonly class Placements implements HasLengths
{
    /** @param list<Placement> $all */
    public function __construct(public array $all)
    {
    }

    public static function field(): string
    {
        return 'placements';
    }

    public static function in(Fields $piece): self
    {
        return new self(Placement::readAll($piece));
    }

    /** @return list<array<string, mixed>> in the plan's format */
    public function values(): array
    {
        return array_map(static fn (Placement $placement): array => $placement->values(), $this->all);
    }

    public function scaled(float $times): self
    {
        return new self(array_map(static fn (Placement $placement): Placement => $placement->scaled($times), $this->all));
    }

    public function carried(RoundMoves $moves): self
    {
        return new self(array_map(static fn (Placement $placement): Placement => $placement->carried($moves), $this->all));
    }
}
