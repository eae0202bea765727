<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

/**
 * Lines that were typed while others took the place of those that were seen. Both count: line by line, and word by word in a line that both
 * changed. Where both changed the same word, what was typed stands.
 */
final class MergedLines
{
    /**
     * @param list<string>                         $saw     the lines that the maker began from
     * @param list<string>                         $typed   what the maker made of them
     * @param list<string>                         $now     what they have become meanwhile
     * @param \Closure(list<string>): list<string> $said    what lines say apart from their numbers, which change where others are put in
     * @param bool                                 $isTyped a line that was changed comes back where it is gone: its words are the maker’s
     *
     * @return list<string>
     */
    public static function of(array $saw, array $typed, array $now, \Closure $said, bool $isTyped = true): array
    {
        if ($saw === $now) {
            return $typed;
        }

        return (new MergedList(
            saw: $saw,
            edited: $typed,
            now: $now,
            kept: LineDifference::pairs($said($saw), $said($typed)),
            // An edit that left as many lines changed them where they are: other terms make lines look like others.
            theirs: \count($saw) === \count($now) ? array_keys($saw) : LineDifference::pairs($said($saw), $said($now)),
            both: self::words(...),
            isSame: self::isSame(...),
            comesBack: $isTyped,
        ))->merged();
    }

    /** A line that both changed. */
    private static function words(string $saw, string $typed, string $now): string
    {
        if ($typed === $saw || $now === $saw) {
            return $typed === $saw ? $now : $typed;
        }
        [$old, $edited, $theirs] = [self::parts($saw), self::parts($typed), self::parts($now)];

        return implode('', (new MergedList(
            saw: $old,
            edited: $edited,
            now: $theirs,
            kept: LineDifference::pairs($old, $edited),
            theirs: LineDifference::pairs($old, $theirs),
            both: static fn (string $word, string $typed, string $now): string => $typed === $word ? $now : $typed,
            isSame: self::isSame(...),
        ))->merged());
    }

    private static function isSame(string $one, string $other): bool
    {
        return $one === $other;
    }

    /** @return list<string> */
    private static function parts(string $line): array
    {
        preg_match_all('/\s+|\p{L}+|\d+|./u', $line, $found);

        return $found[0];
    }
}
