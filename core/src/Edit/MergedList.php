<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

/**
 * What she made of a list while others took the place of what she saw: both count, thing by thing.
 *
 * @template T
 */
final readonly class MergedList
{
    /**
     * @param list<T>              $saw       what she began from
     * @param list<T>              $hers      what she made of it
     * @param list<T>              $now       what it has become meanwhile
     * @param array<int, int>      $kept      places in `$saw` to places in `$hers`, both growing; what she took out is not in it
     * @param array<int, int>      $theirs    the same to places in `$now`
     * @param \Closure(T, T, T): T $both      one thing of what is seen, made of it and there now
     * @param \Closure(T, T): bool $isSame
     * @param bool                 $comesBack what was changed is put back where it is gone
     */
    public function __construct(
        private array $saw,
        private array $hers,
        private array $now,
        private array $kept,
        private array $theirs,
        private \Closure $both,
        private \Closure $isSame,
        private bool $comesBack = true,
    ) {
    }

    /** @return list<T> */
    public function merged(): array
    {
        $merged = [];
        [$hers, $now, $replaced, $left] = [0, 0, 0, 0];
        foreach ($this->saw as $i => $seen) {
            [$made, $there] = [$this->kept[$i] ?? null, $this->theirs[$i] ?? null];
            // What was put in amid what she took out goes with it.
            $isOut = null === $made && $i > 0 && !isset($this->kept[$i - 1]);
            // What stands in the place of what is gone goes with it.
            $isGone = $replaced > 0 && 0 === $left && !$this->comesBack;
            array_push($merged, ...$this->putIn(
                $isGone ? [] : \array_slice($this->hers, $hers, max(0, ($made ?? $hers) - $hers)),
                $isOut ? [] : \array_slice($this->now, $now, max(0, ($there ?? $now) - $now)),
            ));
            [$replaced, $left] = null === $made ? [$replaced + 1, $left + (null === $there ? 0 : 1)] : [0, 0];
            [$hers, $now] = [null === $made ? $hers : $made + 1, null === $there ? $now : $there + 1];
            if (null !== $made && null !== $there) {
                $merged[] = ($this->both)($seen, $this->hers[$made], $this->now[$there]);
            } elseif (null !== $made && $this->comesBack && !($this->isSame)($this->hers[$made], $seen)) {
                $merged[] = $this->hers[$made];
            }
        }

        $isGone = $replaced > 0 && 0 === $left && !$this->comesBack;

        return [...$merged, ...$this->putIn($isGone ? [] : \array_slice($this->hers, $hers), \array_slice($this->now, $now))];
    }

    /**
     * What both put in at one place; once, where it is the same.
     *
     * @param list<T> $hers
     * @param list<T> $theirs
     *
     * @return list<T>
     */
    private function putIn(array $hers, array $theirs): array
    {
        foreach ($theirs as $i => $thing) {
            if (!isset($hers[$i]) || !($this->isSame)($hers[$i], $thing)) {
                return [...$theirs, ...$hers];
            }
        }

        return $hers;
    }
}
