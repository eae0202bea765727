<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Parser;
use Alternum\Core\Plan\Limits;

/** A piece whose rounds a pattern counts on from those of the piece before it, "Round 9: ch 3, join to the first leg": its own begin with 1. */
final class CountedOn
{
    /** "Rounds 12 and 13, 6 stitches apart": what is counted in stitches or mm is no round. */
    private const NAMED = '/\b(?:r|rd|rnd|rnds|round|rounds|row|rows)[.\s#]*\d{1,3}(?:\s*(?:[-–—&]|to|and|through|,(?=\s*\d{1,3}\s*(?:,|and\b|&)))'
        .'\s*(?:(?:r|rnd|round)s?[.\s]*)?\d{1,3}\b(?!\s*(?:\pL*st|sc\b|hdc|dc\b|inc|dec|ch\b|mm|cm|x\b|times|more|apart|of\b)))*/iu';
    private const BARE = '/^\W*\d{1,3}(?:\s*[-–—]\s*\d{1,3})?(?=\s*[.):])/u';

    /**
     * @param list<string> $lines
     *
     * @return int rounds that are counted before its first
     */
    public static function before(array $lines, Parser $parser): int
    {
        foreach ($lines as $line) {
            $head = mb_strlen($line) > Limits::LINE ? null : $parser->line($line)->head;
            if (null !== $head?->from) {
                return $head->from - 1;
            }
        }

        return 0;
    }

    /** A line with the numbers of its rounds so many less; a lower one is of a round of the piece before. */
    public static function anew(string $line, int $before): string
    {
        $pattern = 1 === preg_match(self::BARE, $line) ? self::BARE : self::NAMED;

        $numbers = static fn (array $said): string => (string) preg_replace_callback(
            '/\d+/',
            static fn (array $number): string => self::less($number[0], $before),
            \is_string($said[0]) ? $said[0] : '',
        );

        return (string) preg_replace_callback($pattern, $numbers, $line);
    }

    private static function less(string $number, int $before): string
    {
        return (int) $number > $before ? (string) ((int) $number - $before) : $number;
    }
}
