<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly;

use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Plan\Format\Fields;

/** What a hold answers unless it knows better. */
trait AnyHold
{
    public static function read(Fields $fields): self
    {
        return new self();
    }

    public function values(): array
    {
        return [];
    }

    public function drawing(): ?Series
    {
        return null;
    }

    public function verb(): string
    {
        return '';
    }

    public function tool(): Tool
    {
        return Tool::Needle;
    }

    public function takesOnce(): float
    {
        return 0.0;
    }

    public function isRemovable(): bool
    {
        return false;
    }

    public function needsInside(): bool
    {
        return false;
    }

    public function isStitchByStitch(): bool
    {
        return false;
    }

    public function fits(PartEdge $edge): bool
    {
        return true;
    }

    public function toDo(string $part, string $edge, string $where): string
    {
        return "Sew {$part} {$where}, with {$this->label()} {$edge}";
    }

    public function how(): string
    {
        return '';
    }

    public function caution(): string
    {
        return '';
    }

    /** The last drawing of what is sewn. */
    private static function endHidden(): Drawing
    {
        return new Drawing('Two stitches in one place hold the end: hide it inside.', Sketch::rows('nnnnnnn')->woven(Ink::New, 2, 5)->scissors(5));
    }
}
