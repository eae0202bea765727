<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

/**
 * Lines that she typed while others took the place of those that she saw. Both count: line by line, and word by word in a line that both
 * changed. Where both changed the same word, hers stands.
 */
final readonly class MergedLines
{
    /**
     * @param list<string>                             $saw    what she began from
     * @param list<string>                             $typed  what she made of it
     * @param list<string>                             $now    what it has become meanwhile
     * @param array<int, int>                          $hers   what was seen, to what she made of it; what she took out is not in it
     * @param array<int, int>                          $theirs the same for what it has become
     * @param \Closure(string, string, string): string $both   one thing of what is seen, typed and there now
     */
    private function __construct(
        private array $saw,
        private array $typed,
        private array $now,
        private array $hers,
        private array $theirs,
        private \Closure $both,
    ) {
    }

    /**
     * @param list<string>                         $saw   the lines that she began from
     * @param list<string>                         $typed what she made of them
     * @param list<string>                         $now   what they have become meanwhile
     * @param \Closure(list<string>): list<string> $said  what lines say apart from their numbers, which change where others are put in
     *
     * @return list<string>
     */
    public static function of(array $saw, array $typed, array $now, \Closure $said): array
    {
        if ($saw === $now) {
            return $typed;
        }

        return (new self(
            saw: $saw,
            typed: $typed,
            now: $now,
            hers: self::pairs($said($saw), $said($typed)),
            // An edit that left as many lines changed them where they are: other terms make lines look like others.
            theirs: \count($saw) === \count($now) ? array_keys($saw) : self::pairs($said($saw), $said($now)),
            both: self::words(...),
        ))->merged();
    }

    /** A line that both changed. */
    private static function words(string $saw, string $typed, string $now): string
    {
        if ($typed === $saw || $now === $saw) {
            return $typed === $saw ? $now : $typed;
        }
        [$old, $hers, $theirs] = [self::parts($saw), self::parts($typed), self::parts($now)];

        return implode('', (new self(
            saw: $old,
            typed: $hers,
            now: $theirs,
            hers: self::pairs($old, $hers),
            theirs: self::pairs($old, $theirs),
            both: static fn (string $word, string $typed, string $now): string => $typed === $word ? $now : $typed,
        ))->merged());
    }

    /** @return list<string> */
    private static function parts(string $line): array
    {
        preg_match_all('/\s+|\p{L}+|\d+|./u', $line, $found);

        return $found[0];
    }

    /**
     * @param list<string> $old
     * @param list<string> $new
     *
     * @return array<int, int> where each is now; one that is gone is not in it
     */
    private static function pairs(array $old, array $new): array
    {
        $pairs = [];
        foreach (LineDifference::of($old, $new) as $block) {
            $pairs += self::inOrder($block, 0, 0);
            // Of what was changed, things that differ in a number only are the same.
            $likeness = $block->isSame || $block->isEven() ? [] : LineDifference::of(
                self::unnumbered(\array_slice($old, $block->oldFrom, $block->oldTo - $block->oldFrom)),
                self::unnumbered(\array_slice($new, $block->newFrom, $block->newTo - $block->newFrom)),
            );
            foreach ($likeness as $part) {
                $pairs += self::inOrder($part, $block->oldFrom, $block->newFrom);
            }
        }

        return $pairs;
    }

    /** @return array<int, int> */
    private static function inOrder(LineBlock $block, int $old, int $new): array
    {
        $pairs = [];
        for ($i = $block->oldFrom; $block->isEven() && $i < $block->oldTo; ++$i) {
            $pairs[$old + $i] = $new + $block->newFrom + $i - $block->oldFrom;
        }

        return $pairs;
    }

    /**
     * @param list<string> $texts
     *
     * @return list<string>
     */
    private static function unnumbered(array $texts): array
    {
        return array_map(static fn (string $text): string => preg_replace('/\d+/', '#', $text) ?? $text, $texts);
    }

    /** @return list<string> */
    private function merged(): array
    {
        $merged = [];
        [$typed, $now] = [0, 0];
        foreach ($this->saw as $i => $seen) {
            [$hers, $theirs] = [$this->hers[$i] ?? null, $this->theirs[$i] ?? null];
            // What was put in amid what she took out goes with it.
            $isOut = null === $hers && $i > 0 && !isset($this->hers[$i - 1]);
            array_push($merged, ...self::putIn(
                \array_slice($this->typed, $typed, max(0, ($hers ?? $typed) - $typed)),
                $isOut ? [] : \array_slice($this->now, $now, max(0, ($theirs ?? $now) - $now)),
            ));
            [$typed, $now] = [null === $hers ? $typed : $hers + 1, null === $theirs ? $now : $theirs + 1];
            if (null !== $hers && null !== $theirs) {
                $merged[] = ($this->both)($seen, $this->typed[$hers], $this->now[$theirs]);
            } elseif (null !== $hers && $this->typed[$hers] !== $seen) {
                $merged[] = $this->typed[$hers];
            }
        }

        return [...$merged, ...self::putIn(\array_slice($this->typed, $typed), \array_slice($this->now, $now))];
    }

    /**
     * What both put in at one place.
     *
     * @param list<string> $hers
     * @param list<string> $theirs
     *
     * @return list<string>
     */
    private static function putIn(array $hers, array $theirs): array
    {
        return [] !== $theirs && \array_slice($hers, 0, \count($theirs)) === $theirs ? $hers : [...$theirs, ...$hers];
    }
}
