<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly\Hold;

use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
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

    public function drawing(): Series
    {
        return new Series('Crocheted together', [
            new Drawing('Insert the hook through both edges.', Sketch::rows('nnnnnnn')->into(2)),
            new Drawing('Work a single crochet through both, and on.', Sketch::rows('nnnnnnn')->hook(3, 'nn')),
            new Drawing('Fasten off, and hide both ends inside.', Sketch::rows('nnnnnnn')->tail(Ink::New, 5)->scissors(5)),
        ]);
    }

    public function label(): string
    {
        return 'crocheted together';
    }

    public function verb(): string
    {
        return 'crochet';
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
