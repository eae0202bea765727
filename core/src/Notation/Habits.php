<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Line;

/** What a piece's lines show of the habits that they are written in. */
final class Habits
{
    /** Rounds that their lines close with a slip stitch. */
    public int $joins = 0;
    /** The first of those lines, from 1. */
    public int $joinsAt = 0;
    /** Lines that say "row" and turn, or begin along one side of a chain. */
    public int $rows = 0;
    public int $rowsAt = 0;
    /** X, V and A name stitches. */
    public bool $letters = false;

    public function line(Line $line, Source $source): void
    {
        if ($line->closes()) {
            $this->joins += $line->head->rounds ?? 1;
            $this->joinsAt = 0 === $this->joinsAt ? $source->line : $this->joinsAt;
        }
        if ($line->head->row ?? false) {
            ++$this->rows;
            $this->rowsAt = 0 === $this->rowsAt ? $source->line : $this->rowsAt;
        }
        $this->letters = $this->letters || 1 === preg_match('/\d\s?[xv]\b|\b[v]\b/i', $source->text) && 1 !== preg_match('/\b(?:sc|dc|inc)\b/i', $source->text);
    }
}
