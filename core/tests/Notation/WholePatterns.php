<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;

/** The written patterns that the reader is held to: those of patterns.json, and our own in habits.txt. */
final class WholePatterns
{
    /** @return list<WholePattern> */
    public static function all(): array
    {
        return [...self::given(), ...self::own()];
    }

    /** @return list<WholePattern> */
    public static function given(): array
    {
        /**
         * @var list<array{name: string, text: string, terms: string|null, worked: string|null, makes: list<int>|null, bad: list<int>,
         *   yarns?: list<string>}> $given
         */
        $given = json_decode((string) file_get_contents(__DIR__.'/patterns.json'), true, 8, \JSON_THROW_ON_ERROR);

        return array_map(
            static fn (array $one): WholePattern => new WholePattern(
                $one['name'],
                explode("\n", $one['text']),
                Terms::from($one['terms'] ?? 'us'),
                Worked::from($one['worked'] ?? 'spiral'),
                $one['makes'],
                $one['bad'],
                $one['yarns'] ?? null,
            ),
            $given,
        );
    }

    /**
     * Blocks with a line "= makes", parted by blank lines: "= 6 12 18", "= rows uk 6 6", "= !3" where round 3 must be reported, "= 6 12 @ -6 / B12"
     * with the yarns. After it "~" and the stitches of each round by their codes, "{si:6} / {s:18}" (see Stitch::code()), and a line "& 3
     * Stuff now" for each cue
     * that is said at round 3.
     *
     * @return list<WholePattern>
     */
    public static function own(): array
    {
        $patterns = [];
        foreach (explode("\n\n", trim((string) file_get_contents(__DIR__.'/habits.txt'))) as $block) {
            $lines = explode("\n", $block);
            $expectations = preg_grep('/^= /', $lines);
            $at = (int) array_key_last(false === $expectations ? [] : $expectations);
            [$typed, $expected, $more] = [\array_slice($lines, 0, $at), $lines[$at], \array_slice($lines, $at + 1)];
            $stitches = $cues = null;
            foreach ($more as $line) {
                if (str_starts_with($line, '~ ')) {
                    $stitches = array_map(self::unfolded(...), explode(' / ', substr($line, 2)));
                    $cues = array_fill(1, \count($stitches), []);
                } elseif (1 === preg_match('/^& (\d+) (.*)$/', $line, $cue)) {
                    $cues[(int) $cue[1]][] = $cue[2];
                }
            }
            [$said, $yarns] = [...explode(' @ ', $expected), null];
            $words = \array_slice(explode(' ', (string) $said), 1);
            $makes = array_map(intval(...), array_values(array_filter($words, ctype_digit(...))));
            $bad = array_map(
                static fn (string $word): int => (int) substr($word, 1),
                array_values(array_filter($words, static fn (string $word): bool => str_starts_with($word, '!'))),
            );
            $worked = \in_array('rows', $words, true) ? Worked::Rows : (\in_array('joined', $words, true) ? Worked::Joined : Worked::Spiral);
            $patterns[] = new WholePattern(
                implode("\n", $typed),
                $typed,
                \in_array('uk', $words, true) ? Terms::Uk : Terms::Us,
                $worked,
                [] === $makes ? null : $makes,
                $bad,
                null === $yarns ? null : explode(' / ', $yarns),
                $stitches,
                $cues,
            );
        }

        return $patterns;
    }

    /** "ss{si:3}" → "sssisisi" */
    private static function unfolded(string $codes): string
    {
        return (string) preg_replace_callback('/\{([^:}]+):(\d+)\}/', static fn (array $part): string => str_repeat($part[1], (int) $part[2]), $codes);
    }
}
