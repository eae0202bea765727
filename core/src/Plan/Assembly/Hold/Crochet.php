<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly\Hold;

use Alternum\Core\Plan\Assembly\AnyHold;
use Alternum\Core\Plan\Assembly\Hold;
use Alternum\Core\Plan\Assembly\PartEdge;
use Alternum\Core\Plan\Assembly\Tool;

/** Two edges worked together in single crochet. */
final readonly class Crochet implements Hold
{
    use AnyHold;

    public static function kind(): string
    {
        return 'crochet';
    }

    public function label(): string
    {
        return 'crocheted together';
    }

    public function takes(): float
    {
        return 4.2;
    }

    public function tool(): Tool
    {
        return Tool::Hook;
    }

    public function isStitchByStitch(): bool
    {
        return true;
    }

    public function fits(PartEdge $edge): bool
    {
        return \in_array($edge, [PartEdge::Open, PartEdge::Flat], true);
    }

    public function toDo(string $part, string $edge, string $where): string
    {
        return "Crochet {$part} {$where}, {$edge}";
    }

    public function how(): string
    {
        return 'Work one stitch through both edges at a time';
    }
}
