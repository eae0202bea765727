<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Head;

/** Holds what heads say of their rounds' numbers against the rounds as they come. */
final class Numbering
{
    /** How many rounds a line stands for could not be told: the next head says where the work is. */
    private bool $isLost = false;

    public function lose(): void
    {
        $this->isLost = true;
    }

    /**
     * @param int $next the number that the next round has
     *
     * @return int|null rounds that stand in for those that could not be told; 0: the head's number is another; null: nothing is wrong
     */
    public function missing(?Head $head, int $next): ?int
    {
        $isLost = $this->isLost;
        if (null === $head?->from) {
            return null;
        }
        $this->isLost = false;

        return match (true) {
            $head->from === $next => null,
            $isLost => max(0, $head->from - $next),
            default => 0,
        };
    }
}
