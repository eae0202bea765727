<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Edit\MergedLines;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MergedLinesTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, string}> what she saw, what she typed, what stands there now, and both; a letter a line */
    public static function texts(): iterable
    {
        yield 'nobody else changed anything' => ['abc', 'axc', 'abc', 'axc'];
        yield 'she changed nothing' => ['abc', 'abc', 'abyc', 'abyc'];
        yield 'both did the same' => ['abc', 'axc', 'axc', 'axc'];
        yield 'each at another place' => ['abcd', 'axcd', 'abcz', 'axcz'];
        yield 'hers put in before theirs' => ['abc', 'xabc', 'abcz', 'xabcz'];
        yield 'hers put in after theirs' => ['abc', 'abcx', 'zabc', 'zabcx'];
        yield 'both the same line' => ['abc', 'axc', 'azc', 'axc'];
        yield 'she took out what they left' => ['abcd', 'acd', 'abcdz', 'acdz'];
        yield 'she took out what they changed' => ['abc', 'ac', 'azc', 'ac'];
        yield 'they took out what she left' => ['abcd', 'abcx', 'acd', 'acx'];
        yield 'they took out what she changed' => ['abc', 'axc', 'ac', 'axc'];
        yield 'both put in at one place: theirs, then hers' => ['ab', 'axb', 'azb', 'azxb'];
        yield 'from nothing' => ['', 'xy', '', 'xy'];
        yield 'all cleared meanwhile' => ['abc', 'abcx', '', 'x'];
        yield 'she cleared all' => ['abc', '', 'abzc', ''];
    }

    #[DataProvider('texts')]
    public function testHersIsPutIntoWhatStandsThere(string $saw, string $typed, string $now, string $both): void
    {
        $lines = static fn (string $text): array => '' === $text ? [] : str_split($text);
        self::assertSame($lines($both), MergedLines::of($lines($saw), $lines($typed), $lines($now), self::itself(...)));
    }

    /**
     * @param list<string> $lines
     *
     * @return list<string>
     */
    private static function itself(array $lines): array
    {
        return $lines;
    }

    /** Whatever the three are: where nobody else changed anything hers stands, where she did not theirs does, and what she put in is there. */
    public function testHoldsForAnyTexts(): void
    {
        mt_srand(9);
        $text = static fn (): array => array_map(static fn (): string => ['a', 'b', 'c', 'd'][mt_rand(0, 3)], array_fill(0, mt_rand(0, 6), 0));
        for ($try = 0; $try < 500; ++$try) {
            [$saw, $typed, $now] = [$text(), $text(), $text()];
            self::assertSame($typed, MergedLines::of($saw, $typed, $saw, self::itself(...)));
            self::assertSame($now, MergedLines::of($saw, $saw, $now, self::itself(...)));
            $at = mt_rand(0, \count($saw));
            $hers = [...\array_slice($saw, 0, $at), 'hers', ...\array_slice($saw, $at)];
            $merged = MergedLines::of($saw, $hers, $now, self::itself(...));
            self::assertContains('hers', $merged);
            self::assertSame($now, array_values(array_filter($merged, static fn (string $line): bool => 'hers' !== $line)));
        }
    }
}
