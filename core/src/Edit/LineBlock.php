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

    /**
     * @param int $old where the old lines of the block are counted from
     * @param int $new the same of the new ones
     *
     * @return array<int, int> old to new, one by one, where there are as many of both
     */
    public function inOrder(int $old, int $new): array
    {
        $pairs = [];
        for ($i = $this->oldFrom; $this->isEven() && $i < $this->oldTo; ++$i) {
            $pairs[$old + $i] = $new + $this->newFrom + $i - $this->oldFrom;
        }

        return $pairs;
    }
}
