<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly\Hold;

use Alternum\Core\Plan\Assembly\AnyHold;
use Alternum\Core\Plan\Assembly\Hold;
use Alternum\Core\Plan\Assembly\PartEdge;
use Alternum\Core\Plan\Assembly\Tool;

/** Put on and taken off: hats, covers, skirts. */
final readonly class Slipped implements Hold
{
    use AnyHold;

    public static function kind(): string
    {
        return 'slipped';
    }

    public function label(): string
    {
        return 'slipped on';
    }

    public function verb(): string
    {
        return 'slip';
    }

    public function takes(): float
    {
        return 0.0;
    }

    public function tool(): Tool
    {
        return Tool::None;
    }

    public function isRemovable(): bool
    {
        return true;
    }

    public function fits(PartEdge $edge): bool
    {
        return PartEdge::Open === $edge;
    }

    public function toDo(string $part, string $edge, string $where): string
    {
        return "Slip {$part} ".(string) preg_replace('/^to /', 'onto ', $where);
    }
}
