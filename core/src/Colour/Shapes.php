<?php

declare(strict_types=1);

namespace Alternum\Core\Colour;

use Alternum\Core\Plan\Layer\Motif;

/** Small pictures to begin from, drawn for this program on a grid of stitches. */
final class Shapes
{
    private const SHAPES = [
        'dot' => ['.##.', '####', '####', '.##.'],
        'ring' => ['.###.', '#...#', '#...#', '#...#', '.###.'],
        'heart' => ['.##.##.', '#######', '#######', '.#####.', '..###..', '...#...'],
        'leaf' => ['...#...', '..###..', '.#####.', '.##.##.', '.#####.', '..###..', '...#...', '...#...'],
        'drop' => ['..#..', '..#..', '.###.', '#####', '#####', '.###.'],
        'diamond' => ['...#...', '..###..', '.#####.', '..###..', '...#...'],
        'moon' => ['..###.', '.##...', '##....', '##....', '.##...', '..###.'],
        'flower' => ['..##..', '##..##', '#.##.#', '#.##.#', '##..##', '..##..'],
        'eye' => ['..###..', '.#...#.', '#..#..#', '.#...#.', '..###..'],
        'smile' => ['#.....#', '.#...#.', '..###..'],
    ];

    /** Letters and digits, five cells wide and seven high; a row is five bits, the leftmost the highest. */
    private const LETTERS = [
        'A' => [4, 10, 17, 17, 31, 17, 17], 'B' => [30, 17, 17, 30, 17, 17, 30], 'C' => [14, 17, 16, 16, 16, 17, 14], 'D' => [30, 17, 17, 17, 17, 17, 30],
        'E' => [31, 16, 16, 30, 16, 16, 31], 'F' => [31, 16, 16, 30, 16, 16, 16], 'G' => [14, 17, 16, 23, 17, 17, 14], 'H' => [17, 17, 17, 31, 17, 17, 17],
        'I' => [14, 4, 4, 4, 4, 4, 14], 'J' => [7, 2, 2, 2, 2, 18, 12], 'K' => [17, 18, 20, 24, 20, 18, 17], 'L' => [16, 16, 16, 16, 16, 16, 31],
        'M' => [17, 27, 21, 21, 17, 17, 17], 'N' => [17, 25, 21, 21, 19, 17, 17], 'O' => [14, 17, 17, 17, 17, 17, 14], 'P' => [30, 17, 17, 30, 16, 16, 16],
        'Q' => [14, 17, 17, 17, 21, 18, 13], 'R' => [30, 17, 17, 30, 20, 18, 17], 'S' => [15, 16, 16, 14, 1, 1, 30], 'T' => [31, 4, 4, 4, 4, 4, 4],
        'U' => [17, 17, 17, 17, 17, 17, 14], 'V' => [17, 17, 17, 17, 17, 10, 4], 'W' => [17, 17, 17, 21, 21, 27, 17], 'X' => [17, 17, 10, 4, 10, 17, 17],
        'Y' => [17, 17, 10, 4, 4, 4, 4], 'Z' => [31, 1, 2, 4, 8, 16, 31],
        '0' => [
            14, 17, 19, 21, 25, 17, 14,
        ], '1' => [4, 12, 4, 4, 4, 4, 14], '2' => [14, 17, 1, 6, 8, 16, 31], '3' => [30, 1, 1, 14, 1, 1, 30], '4' => [2, 6, 10, 18, 31, 2, 2],
        '5' => [31, 16, 30, 1, 1, 17, 14], '6' => [6, 8, 16, 30, 17, 17, 14], '7' => [31, 1, 2, 4, 8, 8, 8], '8' => [
            14, 17, 17, 14, 17, 17, 14,
        ], '9' => [14, 17, 17, 15, 1, 2, 12],
        ' ' => [0, 0, 0, 0, 0, 0, 0],
    ];

    /** The most letters that one motif is made of. */
    public const MOST_LETTERS = 16;

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::SHAPES);
    }

    /** @return list<array{name: string, rows: non-empty-list<non-empty-string>}> each from its top; # is a stitch of it */
    public static function all(): array
    {
        return array_map(static fn (string $name): array => ['name' => $name, 'rows' => self::SHAPES[$name]], self::names());
    }

    /**
     * @param string $yarn the letter that its cells get
     *
     * @return non-empty-list<non-empty-string>|null rows as a motif has them; null where there is no such shape
     */
    public static function named(string $name, string $yarn): ?array
    {
        $rows = self::SHAPES[$name] ?? null;

        return null === $rows ? null : self::rows(array_map(static fn (string $row): string => strtr($row, '#', $yarn), $rows));
    }

    /**
     * @param string $text letters, digits and blanks; small letters are written large
     *
     * @return non-empty-list<non-empty-string>|null null where a sign has no form here, or there are too many
     */
    public static function letters(string $text, string $yarn): ?array
    {
        $text = strtoupper($text);
        if ('' === trim($text) || \strlen($text) > self::MOST_LETTERS || '' !== trim($text, implode('', array_keys(self::LETTERS)))) {
            return null;
        }
        $rows = array_fill(0, 7, '');
        foreach (str_split($text) as $i => $letter) {
            foreach (self::LETTERS[$letter] ?? self::LETTERS[' '] as $row => $bits) {
                $rows[$row] .= (0 === $i ? '' : Motif::CLEAR).strtr(\sprintf('%05b', $bits), ['0' => Motif::CLEAR, '1' => $yarn]);
            }
        }

        return self::rows($rows);
    }

    /**
     * @param array<int, string> $rows
     *
     * @return non-empty-list<non-empty-string>|null
     */
    private static function rows(array $rows): ?array
    {
        $filled = array_values(array_filter($rows, static fn (string $row): bool => '' !== $row));

        return [] === $filled ? null : $filled;
    }
}
