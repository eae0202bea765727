<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly\Hold;

use Alternum\Core\Plan\Assembly\AnyHold;
use Alternum\Core\Plan\Assembly\Hold;
use Alternum\Core\Plan\Assembly\Tool;

/** Held by glue: cut shapes, what no needle gets through. */
final readonly class Glued implements Hold
{
    use AnyHold;

    public static function kind(): string
    {
        return 'glue';
    }

    public function label(): string
    {
        return 'glued';
    }

    public function verb(): string
    {
        return 'glue';
    }

    public function takes(): float
    {
        return 0.0;
    }

    public function tool(): Tool
    {
        return Tool::Glue;
    }

    public function toDo(string $part, string $edge, string $where): string
    {
        return "Glue {$part} {$where}";
    }

    public function how(): string
    {
        return 'Stuff the piece first, so that the fabric is stretched as it stays. Spread the glue thinly to the edge, press the part on, and let it'
            .' dry for as long as the tube says';
    }

    public function caution(): string
    {
        return 'Glued parts come off. Do not glue anything on a toy for a small child: sew or embroider it instead.'
            .' Follow the safety rules where you live.';
    }
}
