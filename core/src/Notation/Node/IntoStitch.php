<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

/** Where stitches are said to go, where that can be checked: "in 3rd st", "in last ch". */
final readonly class IntoStitch
{
    private function __construct(public IntoStitchKind $kind, public int $number = 0)
    {
    }

    /** @param int $number the stitch of the round below, from 1 */
    public static function nth(int $number): self
    {
        return new self(IntoStitchKind::Nth, $number);
    }

    /** @param int $chain counted from the hook */
    public static function fromHook(int $chain): self
    {
        return new self(IntoStitchKind::FromHook, $chain);
    }

    public static function last(): self
    {
        return new self(IntoStitchKind::Last);
    }

    public static function ring(): self
    {
        return new self(IntoStitchKind::Ring);
    }

    public static function chain(): self
    {
        return new self(IntoStitchKind::Chain);
    }

    public static function stitch(): self
    {
        return new self(IntoStitchKind::Stitch);
    }
}
