<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

/**
 * What was made of a list while others took the place of what was seen: both count, thing by thing.
 *
 * @template T
 */
final readonly class MergedList
{
    /**
     * @param list<T>              $saw       what the maker began from
     * @param list<T>              $edited    what the maker made of it
     * @param list<T>              $now       what it has become meanwhile
     * @param array<int, int>      $kept      places in `$saw` to places in `$edited`, both growing; what the maker took out is not in it
     * @param array<int, int>      $theirs    the same to places in `$now`
     * @param \Closure(T, T, T): T $both      one thing of what is seen, made of it and there now
     * @param \Closure(T, T): bool $isSame
     * @param bool                 $comesBack what was changed is put back where it is gone
     */
    public function __construct(
        private array $saw,
        private array $edited,
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
        [$edited, $now, $replaced, $left] = [0, 0, 0, 0];
        foreach ($this->saw as $i => $seen) {
            [$made, $there] = [$this->kept[$i] ?? null, $this->theirs[$i] ?? null];
            // What was put in amid what the maker took out goes with it.
            $isOut = null === $made && $i > 0 && !isset($this->kept[$i - 1]);
            array_push($merged, ...$this->putIn(
                $this->isGone($replaced, $left) ? [] : \array_slice($this->edited, $edited, max(0, ($made ?? $edited) - $edited)),
                $isOut ? [] : \array_slice($this->now, $now, max(0, ($there ?? $now) - $now)),
            ));
            [$replaced, $left] = null === $made ? [$replaced + 1, $left + (null === $there ? 0 : 1)] : [0, 0];
            [$edited, $now] = [null === $made ? $edited : $made + 1, null === $there ? $now : $there + 1];
            if (null !== $made && null !== $there) {
                $merged[] = ($this->both)($seen, $this->edited[$made], $this->now[$there]);
            } elseif (null !== $made && $this->comesBack && !($this->isSame)($this->edited[$made], $seen)) {
                $merged[] = $this->edited[$made];
            }
        }

        return [...$merged, ...$this->putIn($this->isGone($replaced, $left) ? [] : \array_slice($this->edited, $edited), \array_slice($this->now, $now))];
    }

    /** What stands in the place of things that are all gone goes with them: so many were replaced, and so many of those are left. */
    private function isGone(int $replaced, int $left): bool
    {
        return $replaced > 0 && 0 === $left && !$this->comesBack;
    }

    /**
     * What both put in at one place; once, where it is the same.
     *
     * @param list<T> $edited
     * @param list<T> $theirs
     *
     * @return list<T>
     */
    private function putIn(array $edited, array $theirs): array
    {
        foreach ($theirs as $i => $thing) {
            if (!isset($edited[$i]) || !($this->isSame)($edited[$i], $thing)) {
                return [...$theirs, ...$edited];
            }
        }

        return $edited;
    }
}
