<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

/** Where stitches are said to go, where that can be checked: "in 3rd st", "in last ch". */
final readonly class Place
{
    private function __construct(public PlaceKind $kind, public int $number = 0)
    {
    }

    /** @param int $number the stitch of the round below, from 1 */
    public static function nth(int $number): self
    {
        return new self(PlaceKind::Nth, $number);
    }

    /** @param int $chain counted from the hook */
    public static function fromHook(int $chain): self
    {
        return new self(PlaceKind::FromHook, $chain);
    }

    public static function last(): self
    {
        return new self(PlaceKind::Last);
    }

    public static function ring(): self
    {
        return new self(PlaceKind::Ring);
    }

    public static function chain(): self
    {
        return new self(PlaceKind::Chain);
    }

    public static function stitch(): self
    {
        return new self(PlaceKind::Stitch);
    }
}
