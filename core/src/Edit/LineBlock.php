<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

/** Some old lines, and the new ones that stand in their place. Counted from 0; the last is not included. */
final readonly class LineBlock
{
    public function __construct(public int $oldFrom, public int $oldTo, public int $newFrom, public int $newTo, public bool $isSame)
    {
    }

    /** Whether as many lines stand there as before. */
    public function isEven(): bool
    {
        return $this->oldTo - $this->oldFrom === $this->newTo - $this->newFrom;
    }

    public function isEmpty(): bool
    {
        return $this->oldFrom === $this->oldTo && $this->newFrom === $this->newTo;
    }
}
