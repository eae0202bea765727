<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Answers;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What the core answers, in full, to some texts, plans and edits: looked at once, and to be looked at again where it changes. Each stage holds the answers
 * that are about it; many more are held against those of another commit by bin/answers.
 *
 * A change that is meant: `ALTERNUM_ANSWERS=write vendor/bin/phpunit --filter AnswersTest`, then read what git says has changed.
 */
abstract class AnswersCase extends TestCase
{
    /** @return array<string, string> by the name of a file, which of its lines are about the stage: a pattern, or '' for all */
    abstract public static function held(): array;

    /** @return iterable<string, array{string, string}> */
    public static function questions(): iterable
    {
        foreach (static::held() as $name => $lines) {
            yield $name => [$name, $lines];
        }
    }

    #[DataProvider('questions')]
    public function testTheAnswerIsWhatItWas(string $name, string $lines): void
    {
        $file = \dirname(__DIR__)."/answers/{$name}.txt";
        $now = implode("\n", array_map(rtrim(...), Questions::sample($name, Questions::kept()[$name]())))."\n";
        if ('write' === getenv('ALTERNUM_ANSWERS')) {
            file_put_contents($file, $now);
            self::markTestIncomplete('Look at what has changed.');
        }
        self::assertSame(self::about($lines, (string) file_get_contents($file)), self::about($lines, $now));
    }

    private static function about(string $lines, string $text): string
    {
        $pattern = "/^(?:=== |{$lines})/";

        return '' === $lines
            ? $text
            : implode("\n", array_filter(explode("\n", $text), static fn (string $line): bool => 1 === preg_match($pattern, $line)));
    }
}
