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
        /** @var list<array{name: string, text: string, terms: string|null, worked: string|null, makes: list<int>|null, bad: list<int>, yarns?: list<string>}> $given */
        $given = json_decode((string) file_get_contents(__DIR__.'/patterns.json'), true, 8, \JSON_THROW_ON_ERROR);

        return array_map(static fn (array $one): WholePattern => new WholePattern($one['name'], explode("\n", $one['text']), Terms::from($one['terms'] ?? 'us'), Worked::from($one['worked'] ?? 'spiral'), $one['makes'], $one['bad'], $one['yarns'] ?? null), $given);
    }

    /**
     * Blocks with a line "= makes", parted by blank lines: "= 6 12 18", "= rows uk 6 6", "= !3" where round 3 must be reported, "= 6 12 @ -6 / B12"
     * with the yarns.
     *
     * @return list<WholePattern>
     */
    public static function own(): array
    {
        $patterns = [];
        foreach (explode("\n\n", trim((string) file_get_contents(__DIR__.'/habits.txt'))) as $block) {
            $lines = array_values(array_filter(explode("\n", $block), static fn (string $line): bool => !str_starts_with($line, '%')));
            $expected = (string) array_pop($lines);
            [$said, $yarns] = [...explode(' @ ', $expected), null];
            $words = \array_slice(explode(' ', (string) $said), 1);
            $makes = array_map(intval(...), array_values(array_filter($words, ctype_digit(...))));
            $bad = array_map(static fn (string $word): int => (int) substr($word, 1), array_values(array_filter($words, static fn (string $word): bool => str_starts_with($word, '!'))));
            $worked = \in_array('rows', $words, true) ? Worked::Rows : (\in_array('joined', $words, true) ? Worked::Joined : Worked::Spiral);
            $patterns[] = new WholePattern($block, $lines, \in_array('uk', $words, true) ? Terms::Uk : Terms::Us, $worked, [] === $makes ? null : $makes, $bad, null === $yarns ? null : explode(' / ', $yarns));
        }

        return $patterns;
    }
}
